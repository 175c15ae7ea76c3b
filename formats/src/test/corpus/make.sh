#!/usr/bin/env bash
# Draws one pattern sheet with many programs, each in its own way, into a folder: ./make.sh FOLDER
# and with --all also unpacks and converts collections of drawings by strangers. Programs that are not installed are skipped and named.
# Debian 12: apt-get install potrace pstoedit librsvg2-bin poppler-utils mupdf-tools pdf2svg openscad gnuplot-nox graphviz fig2dev dia
#            plotutils python3-matplotlib ipe r-base-core xfig-libs python3-ezdxf python3-svgelements
set -uo pipefail
here=$(cd "$(dirname "$0")" && pwd)
out=$1
mkdir -p "$out"
cd "$out" || exit 1
have() { command -v "$1" >/dev/null || { echo "not installed: $1" >&2; return 1; }; }

# A sheet of 20 by 15 cm: a bodice-like shape with a curve, a disc, a strip; 72 points an inch.
cat > sheet.ps <<'P'
%!PS-Adobe-3.0 EPSF-3.0
%%BoundingBox: 0 0 567 425
%%EndComments
2.834645669 dup scale 0.3 setlinewidth
newpath 10 10 moveto 90 10 lineto 90 100 lineto 75 110 lineto 60 80 40 80 30 110 curveto 10 100 lineto closepath stroke
newpath 140 60 25 0 360 arc closepath stroke
newpath 110 110 moveto 190 110 lineto 190 130 lineto 110 130 lineto closepath stroke
showpage
P
cat > sheet.fig <<'P'
#FIG 3.2
Landscape
Center
Metric
A4
100.00
Single
-2
1200 2
2 3 0 1 0 7 50 -1 -1 0.000 0 0 -1 0 0 6
	 450 4500 4050 4500 4050 450 3375 0 1350 0 450 4500
1 3 0 1 0 7 50 -1 -1 0.000 1 0.0000 6300 2700 1125 1125 6300 2700 7425 2700
2 2 0 1 0 7 50 -1 -1 0.000 0 0 -1 0 0 5
	 4950 5000 8550 5000 8550 5900 4950 5900 4950 5000
3 3 0 1 0 7 50 -1 -1 0.000 0 0 0 6
	 450 6000 2000 7500 4050 7500 4050 6000 3000 5400 1350 5400
	 1 1 1 1 1 1
P
cat > sheet.scad <<'P'
difference() { square([80, 100]); translate([40, 100]) circle(25, $fn = 90); }
translate([110, 0]) circle(r = 25, $fn = 60);
P
cat > sheet.dot <<'P'
graph sheet { front [shape=box width=3 height=2]; back [shape=ellipse width=3 height=2]; sleeve [shape=hexagon width=3 height=1]; front -- back -- sleeve }
P
cat > sheet.gp <<'P'
set size ratio -1
unset key
set object 1 polygon from 1,1 to 9,1 to 9,10 to 3,11 to 1,10 to 1,1 fillstyle empty border lc rgb "black"
set object 2 circle at 14,6 size 2.5 fillstyle empty
set object 3 rectangle from 11,11 to 19,13 fillstyle empty
set xrange [0:20]
set yrange [0:15]
plot NaN
P
cat > sheet.graph <<'P'
0 0
8 0
8 9
3 10
0 9
0 0
P
if have gs; then gs -q -dBATCH -dNOPAUSE -sDEVICE=pdfwrite -dEPSCrop -sOutputFile=sheet.pdf sheet.ps; gs -q -dBATCH -dNOPAUSE -sDEVICE=pbmraw -r150 -dEPSCrop -sOutputFile=sheet.pbm sheet.ps; fi
if have potrace; then potrace -s -o potrace.svg sheet.pbm; potrace -b dxf -o potrace.dxf sheet.pbm; potrace -s --group -u 1 -o potrace-group.svg sheet.pbm; fi
if have pstoedit; then
  pstoedit -q -f dxf sheet.ps pstoedit-r12.dxf; pstoedit -q -f "dxf_14" sheet.ps pstoedit-r14.dxf
  pstoedit -q -f "dxf:-polyaslines" sheet.ps pstoedit-lines.dxf; pstoedit -q -f "dxf_14:-splineasbspline" sheet.ps pstoedit-splines.dxf
  pstoedit -q -f "dxf:-mm -ctl" sheet.ps pstoedit-mm.dxf; pstoedit -q -f plot-svg sheet.ps pstoedit-plot.svg
fi
if have pdftocairo; then pdftocairo -svg sheet.pdf pdftocairo.svg; fi
if have mutool; then mutool draw -q -F svg -o mutool.svg sheet.pdf; mv -f mutool1.svg mutool.svg 2>/dev/null; fi
if have pdf2svg; then pdf2svg sheet.pdf pdf2svg.svg; fi
if have rsvg-convert; then rsvg-convert -f svg -o rsvg.svg potrace.svg; fi
if have openscad; then openscad -q -o openscad.svg sheet.scad; openscad -q -o openscad.dxf sheet.scad; fi
if have gnuplot; then
  gnuplot -e "set terminal svg size 800,600; set output 'gnuplot.svg'" sheet.gp; gnuplot -e "set terminal dxf; set output 'gnuplot.dxf'" sheet.gp
fi
if have dot; then dot -Tsvg -o graphviz.svg sheet.dot; fi
if have fig2dev; then fig2dev -L svg sheet.fig fig2dev.svg; fig2dev -L dxf sheet.fig fig2dev.dxf; fi
if have graph; then graph -T svg sheet.graph > plotutils.svg; fi
if have dia; then
  cat > sheet.dia <<'P'
<?xml version="1.0" encoding="UTF-8"?>
<dia:diagram xmlns:dia="http://www.lysator.liu.se/~alla/dia/"><dia:layer name="pieces" visible="true">
<dia:object type="Standard - Polygon" version="0" id="O0"><dia:attribute name="poly_points"><dia:point val="1,1"/><dia:point val="9,1"/><dia:point val="9,10"/><dia:point val="3,11"/><dia:point val="1,10"/></dia:attribute></dia:object>
<dia:object type="Standard - Ellipse" version="0" id="O1"><dia:attribute name="elem_corner"><dia:point val="11,1"/></dia:attribute><dia:attribute name="elem_width"><dia:real val="5"/></dia:attribute><dia:attribute name="elem_height"><dia:real val="4"/></dia:attribute></dia:object>
<dia:object type="Standard - Box" version="0" id="O2"><dia:attribute name="elem_corner"><dia:point val="11,8"/></dia:attribute><dia:attribute name="elem_width"><dia:real val="8"/></dia:attribute><dia:attribute name="elem_height"><dia:real val="2"/></dia:attribute></dia:object>
</dia:layer></dia:diagram>
P
  dia -e dia.svg sheet.dia >/dev/null 2>&1; dia -e dia.dxf sheet.dia >/dev/null 2>&1
fi
if have Rscript; then
  Rscript -e 'svg("r.svg", width = 8, height = 6); par(mar = rep(0, 4)); plot(NA, xlim = c(0, 20), ylim = c(0, 15), asp = 1, axes = FALSE); polygon(c(1, 9, 9, 3, 1), c(1, 1, 10, 11, 10)); symbols(14, 6, circles = 2.5, inches = FALSE, add = TRUE); invisible(dev.off())' >/dev/null
fi
/usr/bin/python3 "$here/draw.py" . || echo "not installed: python3-ezdxf or python3-matplotlib" >&2
rm -f sheet.pbm
if [ "${2:-}" = --all ]; then
  mkdir -p strangers packages
  (cd packages && apt-get download openclipart-svg tango-icon-theme gnome-icon-theme >/dev/null && for d in *.deb; do dpkg -x "$d" ../strangers/"${d%%_*}"; done)
  find strangers -type l -delete
  if [ -d /usr/share/xfig/Libraries ]; then
    find /usr/share/xfig/Libraries -name '*.fig*' ! -name '.*' | while read -r f; do
      name=strangers/fig/$(echo "${f#/usr/share/xfig/Libraries/}" | tr '/ ' '__'); mkdir -p strangers/fig
      if [ "${f##*.}" = gz ]; then zcat "$f"; else cat "$f"; fi > "$name.tmp"
      fig2dev -L svg "$name.tmp" "$name.svg" 2>/dev/null; fig2dev -L dxf "$name.tmp" "$name.dxf" 2>/dev/null; rm -f "$name.tmp"
    done
  fi
fi
