"""Draws the sheet with a plotting library and a DXF library, in many dialects: draw.py FOLDER"""
import math
import sys

import ezdxf
import matplotlib

matplotlib.use("svg")
import matplotlib.pyplot as plt
from matplotlib.patches import Circle, Polygon

folder = sys.argv[1]
BODICE = [(10, 10), (90, 10), (90, 100), (30, 110), (10, 100)]


def matplotlib_svg():
    figure, axes = plt.subplots(figsize=(200 / 25.4, 150 / 25.4))
    figure.subplots_adjust(0, 0, 1, 1)
    axes.set(xlim=(0, 200), ylim=(0, 150), aspect="equal")
    axes.axis("off")
    axes.add_patch(Polygon(BODICE, fill=False, gid="bodice"))
    axes.add_patch(Circle((140, 60), 25, fill=False, gid="disc"))
    figure.savefig(folder + "/matplotlib.svg")


def drawing(name, version, units=4, **kept):
    doc = ezdxf.new(version)
    if version != "R12":
        doc.header["$INSUNITS"] = units
    return doc, doc.modelspace(), name


def save(doc, name):
    doc.saveas(f"{folder}/ezdxf-{name}.dxf")


def entities():
    for version in ("R12", "R2000", "R2010", "R2018"):
        doc, space, name = drawing("polyline", version)
        space.add_polyline2d(BODICE, dxfattribs={"layer": "BODICE"}).close(True)
        space.add_circle((140, 60), 25, dxfattribs={"layer": "DISC"})
        space.add_text("bodice", dxfattribs={"insert": (40, 40), "height": 5})
        save(doc, "polyline-" + version.lower())
    doc, space, _ = drawing("lw", "R2000")
    space.add_lwpolyline([(0, 0, 0, 0, 0), (80, 0, 0, 0, 1), (80, 50, 0, 0, 0), (0, 50, 0, 0, -0.4)], close=True)
    save(doc, "bulges")
    doc, space, _ = drawing("lines", "R2000")
    for p, q in zip(BODICE, BODICE[1:] + BODICE[:1]):
        space.add_line(p, q)
        space.add_line(p, p)
    save(doc, "lines-with-dots")
    doc, space, _ = drawing("touch", "R2000")
    for x, y in ((0, 0), (50, 50)):
        corners = [(x, y), (x + 50, y), (x + 50, y + 50), (x, y + 50)]
        for p, q in zip(corners, corners[1:] + corners[:1]):
            space.add_line(p, q)
    save(doc, "squares-that-touch")
    doc, space, _ = drawing("arcs", "R2000")
    space.add_line((0, 0), (100, 0))
    space.add_arc((50, 0), 50, 0, 180)
    space.add_ellipse((200, 0), major_axis=(60, 20), ratio=0.4)
    space.add_ellipse((200, 200), major_axis=(60, 0), ratio=0.5, start_param=0, end_param=math.pi)
    space.add_line((140, 200), (260, 200))
    save(doc, "arcs-and-ellipses")
    doc, space, _ = drawing("splines", "R2000")
    space.add_spline().set_closed([(0, 0, 0), (80, 10, 0), (100, 90, 0), (40, 120, 0), (-20, 60, 0)], degree=3)
    space.add_rational_spline([(200, 0, 0), (300, 0, 0), (300, 100, 0), (200, 100, 0), (200, 0, 0)], weights=[1, 2, 0.5, 2, 1], degree=2)
    space.add_open_spline([(400, 0, 0), (500, 0, 0), (560, 60, 0), (500, 120, 0), (400, 100, 0), (400, 0, 0)], degree=5)
    save(doc, "splines")
    for name, units in (("inch", 1), ("foot", 2), ("cm", 5), ("m", 6), ("mil", 9), ("yard", 10), ("micron", 13), ("decimetre", 14), ("none", 0)):
        doc, space, _ = drawing(name, "R2000", units)
        mm = {1: 25.4, 2: 304.8, 5: 10, 6: 1000, 9: 0.0254, 10: 914.4, 13: 0.001, 14: 100, 0: 1}[units]
        space.add_lwpolyline([(x / mm, y / mm) for x, y in BODICE], close=True)
        save(doc, "unit-" + name)
    doc, space, _ = drawing("blocks", "R2000")
    block = doc.blocks.new("POCKET", base_point=(10, 10))
    block.add_lwpolyline([(10, 10), (70, 10), (70, 60), (40, 80), (10, 60)], close=True)
    space.add_blockref("POCKET", (0, 0))
    space.add_blockref("POCKET", (100, 0), dxfattribs={"xscale": -1, "rotation": 30})
    space.add_blockref("POCKET", (300, 0), dxfattribs={"xscale": 2, "yscale": 0.5})
    nested = doc.blocks.new("PAIR")
    nested.add_blockref("POCKET", (0, 0))
    nested.add_blockref("POCKET", (100, 0))
    space.add_blockref("PAIR", (0, 300), dxfattribs={"row_count": 2, "column_count": 2, "row_spacing": 120, "column_spacing": 220})
    save(doc, "blocks")
    doc, space, _ = drawing("hidden", "R2000")
    space.add_lwpolyline(BODICE, close=True)
    for name in ("OFF", "FROZEN"):
        layer = doc.layers.add(name)
        layer.off() if name == "OFF" else layer.freeze()
        space.add_lwpolyline([(x + 200, y) for x, y in BODICE], close=True, dxfattribs={"layer": name})
    doc.layout("Layout1").add_lwpolyline([(0, 0), (300, 0), (300, 200)], close=True)
    hatch = space.add_hatch()
    hatch.paths.add_polyline_path(BODICE, is_closed=True)
    save(doc, "hidden-and-hatched")
    doc, space, _ = drawing("mirrored", "R2000")
    space.add_lwpolyline(BODICE, close=True, dxfattribs={"extrusion": (0, 0, -1)})
    space.add_circle((140, 60), 25, dxfattribs={"extrusion": (0, 0, -1)})
    save(doc, "turned-over")
    doc, space, _ = drawing("crossing", "R2000")
    space.add_lwpolyline(BODICE, close=True, dxfattribs={"layer": "GOOD"})
    space.add_lwpolyline([(200, 0), (300, 100), (300, 0), (200, 100)], close=True, dxfattribs={"layer": "CROSSED"})
    space.add_line((0, 200), (50, 250))
    save(doc, "crossing-and-open")
    doc, space, _ = drawing("many", "R2000")
    for i in range(70):
        x, y = 30 * (i % 10), 30 * (i // 10)
        space.add_lwpolyline([(x, y), (x + 20, y), (x + 20, y + 20), (x, y + 20)], close=True)
    save(doc, "seventy-squares")


matplotlib_svg()
entities()
