"""
What independent readers (svgelements, ezdxf) find in drawings: reference.py FOLDER [EVERY] > expected.json

For each file the areas in mm2 of its closed outlines of 1 cm2 and more that do not cross themselves, largest first; null where the
reader itself fails. Shapes under "hidden" layers and paper space are left out, as they are in the program under test.
"""
import json
import math
import multiprocessing
import os
import signal
import sys
import warnings
import zlib

import ezdxf
import svgelements
from ezdxf import path as dxf_path
from ezdxf.math import Matrix44

try:
    from shapely.geometry import Polygon
except ImportError:
    Polygon = None

LEAST_MM2 = 100
CLOSED_MM = 0.5
FLAT_MM = 0.02
UNITS = {1: 25.4, 2: 304.8, 4: 1.0, 5: 10.0, 6: 1000.0, 8: 25.4e-6, 9: 0.0254, 10: 914.4, 13: 0.001, 14: 100.0, 15: 10000.0}


def area(points):
    x0, y0 = points[0]
    return abs(sum((p[0] - x0) * (q[1] - y0) - (q[0] - x0) * (p[1] - y0) for p, q in zip(points, points[1:] + points[:1]))) / 2


def sound(points):
    """Area of a closed line, None where it is no outline."""
    if len(points) < 4 or math.dist(points[0], points[-1]) > CLOSED_MM:
        return None
    a = area(points)
    width = max(p[0] for p in points) - min(p[0] for p in points)
    height = max(p[1] for p in points) - min(p[1] for p in points)
    if width * height < LEAST_MM2:
        return None
    if Polygon is not None and not Polygon(points).is_valid:
        return -a
    return a


def svg(file):
    mm = 25.4 / 96
    found = []
    document = svgelements.SVG.parse(file, reify=False, ppi=96)

    def visit(element):
        if isinstance(element, svgelements.Shape):
            values = element.values
            if values.get("visibility") in ("hidden", "collapse") or values.get("display") == "none":
                return
            path = abs(svgelements.Path(element))
            for sub in path.as_subpaths():
                sub = svgelements.Path(sub)
                points = []
                for s in sub:
                    if isinstance(s, svgelements.Move):
                        points.append((s.end.x, s.end.y))
                    elif isinstance(s, (svgelements.Line, svgelements.Close)):
                        if s.end is not None:
                            points.append((s.end.x, s.end.y))
                    else:
                        steps = 96 if isinstance(s, svgelements.Arc) else 24
                        points.extend((p.x, p.y) for p in (s.point(i / steps) for i in range(1, steps + 1)))
                points = [(x * mm, y * mm) for x, y in points]
                a = sound(points) if points else None
                if a is not None:
                    found.append(a)
        elif isinstance(element, (list, svgelements.Group)) and not isinstance(element, svgelements.Path):
            if getattr(element, "values", {}).get("display") == "none":
                return
            for child in element:
                visit(child)

    visit(document)
    return found


def dxf(file):
    doc = ezdxf.readfile(file)
    # The reader fills a missing unit in with one of its own.
    with open(file, errors="replace") as text:
        mm = UNITS.get(doc.header.get("$INSUNITS", 0), 1.0) if "$INSUNITS" in text.read() else 1.0
    hidden = {l.dxf.name.lower() for l in doc.layers if l.is_off() or l.is_frozen()}
    found, loose = [], {}

    def visit(entities, key):
        for n, e in enumerate(entities):
            if e.dxf.layer.lower() in hidden or e.dxf.get("invisible", 0) == 1:
                continue
            if e.dxftype() == "INSERT":
                copies = e.multi_insert() if e.mcount > 1 else [e]
                for c, copy in enumerate(copies):
                    visit(list(copy.virtual_entities()), f"{key}/{n}.{c}")
                continue
            if e.dxftype() not in ("LINE", "ARC", "CIRCLE", "ELLIPSE", "LWPOLYLINE", "POLYLINE", "SPLINE"):
                continue
            try:
                path = dxf_path.make_path(e)
            except Exception:
                continue
            if e.dxftype() == "SPLINE":
                # Its own path of a spline whose knots do not stand at its ends follows the wrong stretch.
                points = [(p.x * mm, p.y * mm) for p in e.construction_tool().approximate(400)]
            else:
                points = [(p.x * mm, p.y * mm) for p in path.flattening(FLAT_MM / mm, 16)]
            if len(points) > 2 and math.dist(points[0], points[-1]) < 1e-6 * max(1, mm):
                a = sound(points)
                if a is not None:
                    found.append(a)
            elif len(points) > 1:
                loose.setdefault((key, e.dxf.layer), []).append(points)

    visit(doc.modelspace(), "")
    for lines in loose.values():
        found.extend(polygons(lines))
    return found


def polygons(lines):
    """Closed chains of lines by the topology of their ends."""
    from shapely.geometry import LineString
    from shapely.ops import polygonize

    places = []

    def snapped(p):
        for q in places:
            if math.dist(p, q) <= CLOSED_MM:
                return q
        places.append(p)
        return p

    strings = []
    lines = [list(l) for l in {tuple(l) for l in lines}]
    for line in lines if len(lines) < 3000 else []:
        whole = [snapped(line[0])] + line[1:-1] + [snapped(line[-1])]
        if len(set(whole)) > 1:
            strings.append(LineString(whole))
    return [area(list(p.exterior.coords)) for p in polygonize(strings) if p.area >= LEAST_MM2]


def one(file):
    """Areas, or why there are none; a drawing that takes longer than five seconds is given up."""
    warnings.simplefilter("ignore")

    def stop(*_):
        raise TimeoutError()

    signal.signal(signal.SIGALRM, stop)
    signal.alarm(5)
    try:
        areas = svg(file) if file.endswith(".svg") else dxf(file)
        return [round(a, 1) for a in sorted(areas, key=lambda a: -abs(a))][:200]
    except Exception as error:
        print(file, type(error).__name__, error, file=sys.stderr)
        return None
    finally:
        signal.alarm(0)


def main(folder, every=1):
    files = sorted(
        os.path.join(base, name)
        for base, _, names in os.walk(folder)
        for name in names
        if name.endswith((".svg", ".dxf")) and zlib.crc32(name.encode()) % every == 0
    )
    with multiprocessing.Pool(2) as pool:
        areas = pool.map(one, files, 20)
    json.dump({os.path.relpath(f, folder): a for f, a in zip(files, areas)}, sys.stdout, indent=0)


main(sys.argv[1], int(sys.argv[2]) if len(sys.argv) > 2 else 1)
