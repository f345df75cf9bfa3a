#!/usr/bin/env python3
# SPDX-License-Identifier: MIT
"""Writes data/collections/*.json: an invented, generic collection made from plausible pigment curves.

The curves are drawn by hand from what each pigment looks like (steps, humps and slopes), not measured: no open
measurements of pastel sticks are known to us. Tints and shades are Kubelka-Munk mixtures with white and black.
Run from the project's root: python3 data/tools/make_collection.py
"""
import json
import math

BANDS = [380 + 10 * i for i in range(36)]


def step(at, width):
    return lambda nm: 1 / (1 + math.exp(-(nm - at) / width))


def hump(at, width):
    return lambda nm: math.exp(-0.5 * ((nm - at) / width) ** 2)


def curve(base, *parts):
    """base + sum of height * shape."""
    return [min(0.97, max(0.012, base + sum(h * f(nm) for h, f in parts))) for nm in BANDS]


WHITE = curve(0.30, (0.64, step(395, 7)))
# Lamp and carbon blacks go to two or three per cent as a powder; a bare powder still scatters a per cent or so at its
# surface, which is the floor of curve(). From memory, no published source.
BLACK = curve(0.0235, (0.004, step(600, 40)))

# name, Colour Index name, masstone
PIGMENTS = {
    "lemon yellow": ("PY3", curve(0.06, (0.83, step(492, 9)))),
    "warm yellow": ("PY35", curve(0.05, (0.80, step(520, 10)))),
    "yellow ochre": ("PY42", curve(0.07, (0.46, step(556, 20)))),
    "orange": ("PO20", curve(0.05, (0.74, step(568, 9)))),
    "raw sienna": ("PBr7", curve(0.06, (0.34, step(568, 24)))),
    "burnt sienna": ("PBr7", curve(0.045, (0.24, step(592, 20)))),
    "red oxide": ("PR101", curve(0.05, (0.33, step(588, 14)))),
    "scarlet": ("PR108", curve(0.045, (0.66, step(597, 9)))),
    "crimson": ("PR177", curve(0.035, (0.52, step(617, 13)), (0.05, hump(430, 25)))),
    "magenta rose": ("PR122", curve(0.045, (0.62, step(612, 14)), (0.24, hump(432, 28)))),
    "violet": ("PV23", curve(0.03, (0.20, hump(432, 24)), (0.18, step(672, 18)))),
    "blue violet": ("PV15", curve(0.05, (0.34, hump(436, 32)), (0.26, step(662, 20)))),
    "ultramarine blue": ("PB29", curve(0.03, (0.42, hump(446, 30)), (0.20, step(688, 16)))),
    "cobalt blue": ("PB28", curve(0.08, (0.46, hump(458, 34)), (0.35, step(676, 14)))),
    "deep blue": ("PB27", curve(0.022, (0.12, hump(452, 36)))),
    "turquoise": ("PB15:3", curve(0.035, (0.46, hump(488, 32)))),
    "viridian": ("PG18", curve(0.03, (0.30, hump(512, 30)), (0.06, step(700, 15)))),
    "leaf green": ("PG7", curve(0.05, (0.42, hump(538, 28)), (0.06, step(690, 15)))),
    "olive green": ("PG17", curve(0.05, (0.15, hump(556, 34)), (0.10, step(690, 18)))),
    "umber": ("PBr7", curve(0.035, (0.10, step(590, 40)))),
    "warm grey": ("PBk11", curve(0.10, (0.10, step(570, 60)))),
    "cool grey": ("PBk7", curve(0.13, (0.05, hump(450, 60)))),
}
# What landscapes ask for between the others. Greens of leaves and meadows are yellower than any single green pigment, so
# makers mix them: measured vegetation lies at hues of 90 to 125 degrees (E. Krinov, Spectral Reflectance Properties of
# Natural Formations, 1947). The blue of a sky near the horizon stands between turquoise and cobalt; from memory, no
# published source.
LANDSCAPE = {
    "sap green": (["PG7", "PY42"], curve(0.026, (0.15, step(508, 11)), (-0.09, step(600, 18)), (0.07, step(694, 14)))),
    "yellow green": (["PG36", "PY3"], curve(0.045, (0.56, step(500, 9)), (-0.36, step(597, 18)), (0.16, step(694, 14)))),
    "cerulean blue": (["PB36"], curve(0.06, (0.44, hump(470, 38)), (0.25, step(688, 15)))),
}
# The deepest colours a maker presses: full strength over black, at 1.5 to 2 per cent. From memory, no published source.
DEEPEST = {
    "deepest green": (["PG7", "PBk7"], curve(0.0115, (0.0145, hump(520, 34)))),
    "deepest blue-green": (["PB15:3", "PBk7"], curve(0.0115, (0.0185, hump(492, 32)))),
    "deepest blue": (["PB27", "PBk7"], curve(0.0125, (0.030, hump(455, 34)))),
    "deepest violet": (["PV23", "PBk7"], curve(0.0150, (0.026, hump(432, 28)), (0.022, step(655, 16)))),
    "deepest red-brown": (["PR101", "PBk7"], curve(0.0115, (0.026, step(606, 14)))),
    "deepest brown": (["PBr7", "PBk7"], curve(0.0115, (0.0145, step(575, 26)))),
}
# Earths and oxides carry more colour per weight than lakes; only the ratio inside a tint is at stake here.
STRENGTH = {"deep blue": 2.2, "turquoise": 1.8, "violet": 2.0, "leaf green": 1.5, "viridian": 1.2}


def ks(r):
    return (1 - r) ** 2 / (2 * r)


def endless(q):
    return 1 + q - math.sqrt(q * q + 2 * q)


def blend(*parts):
    """parts: (weight, curve); K over S adds by weight for powders that scatter alike."""
    total = sum(w for w, _ in parts)
    return [endless(sum(w * ks(c[i]) for w, c in parts) / total) for i in range(len(BANDS))]


def full(name):
    return (PIGMENTS.get(name) or LANDSCAPE[name])[1]


def tint(name, white):
    return blend((STRENGTH.get(name, 1.0) * (1 - white), full(name)), (white, WHITE))


def shade(name, black):
    return blend((1 - black, full(name)), (black, BLACK))


def stick(medium, name, grade, pigments, masstone):
    label = name if not grade else f"{name}, {grade}"
    ident = f"{medium}-{label}".replace(",", "").replace(" ", "-").replace(":", "")
    return dict(id=ident, name=label[0].upper() + label[1:], medium=medium, pigments=pigments,
                masstone=[round(v, 4) for v in masstone])


def grades(medium, name, which):
    ci = LANDSCAPE[name][0] if name in LANDSCAPE else [PIGMENTS[name][0]]
    for g in which:
        if g == "full":
            yield stick(medium, name, "", ci, full(name))
        elif g.startswith("shade"):
            yield stick(medium, name, g, [*ci, "PBk7"], shade(name, {"shade": 0.22, "shade 1": 0.10, "shade 2": 0.30}[g]))
        else:
            yield stick(medium, name, g, [*ci, "PW6"],
                        tint(name, {"tint": 0.72, "tint 1": 0.55, "tint 2": 0.82, "tint 3": 0.94, "pale tint": 0.90}[g]))


def plain(medium, names):
    for label, ci, c in (("white", "PW6", WHITE), ("black", "PBk7", BLACK),
                         ("cream", "PW6", blend((0.985, WHITE), (0.015, PIGMENTS["warm yellow"][1])))):
        if label in names:
            yield stick(medium, label, "", [ci], c)


# Charred wood is a weak grey beside pressed carbon. From memory, no published source.
def charcoals():
    yield stick("charcoal", "willow charcoal", "", ["PBk8"], curve(0.068, (0.012, step(600, 60))))
    yield stick("charcoal", "compressed charcoal", "", ["PBk7"], curve(0.0215, (0.004, step(600, 40))))


def collection():
    out = []
    all_names = list(PIGMENTS)
    six = ["shade 2", "full", "tint 1", "tint 2", "tint 3"]
    for n in all_names:
        out += grades("soft", n, six)
    for n in ("ultramarine blue", "crimson", "viridian", "umber", "violet", "leaf green", "red oxide"):
        out += grades("soft", n, ["shade 1"])
    for n, (pigments, masstone) in DEEPEST.items():
        out.append(stick("soft", n, "", pigments, masstone))
    out += plain("soft", ("white", "black", "cream"))                                # 22*5 + 7 + 6 + 3 = 126
    hard = [n for n in all_names if n not in ("magenta rose", "raw sienna", "blue violet", "viridian", "warm yellow")]
    for n in hard:
        out += grades("hard", n, ["full", "tint"])
    out += plain("hard", ("white", "black"))                                         # 17*2 + 2 = 36
    for n in [m for m in all_names if m not in ("warm grey", "raw sienna", "cobalt blue", "warm yellow", "viridian",
                                                "magenta rose", "cool grey")]:
        out += grades("pencil", n, ["full", "tint", "shade"])
    out += plain("pencil", ("white", "black", "cream"))                              # 15*3 + 3 = 48
    for n in [m for m in all_names if m not in ("raw sienna", "blue violet", "cobalt blue", "viridian")]:
        out += grades("pan", n, ["full"])
    out += plain("pan", ("white", "black"))                                          # 18 + 2 = 20
    out += charcoals()                                                               # 2
    out += grades("soft", "sap green", [*six, "shade 1"])
    out += grades("soft", "yellow green", six[1:])
    out += grades("soft", "cerulean blue", [*six[1:], "shade 1"])                    # 6 + 4 + 5 = 15
    return out


def write(path, ident, name, note, sticks):
    with open(path, "w") as f:
        head = dict(format="yawning-dune collection", version=1, id=ident, name=name, note=note)
        f.write(json.dumps(head)[:-1] + ', "sticks": [\n')
        f.write(",\n".join("  " + json.dumps(s) for s in sticks))
        f.write("\n]}\n")


NOTE = "Invented: drawn pigment curves, no maker's colours. Made by data/tools/make_collection.py"
everything = collection()
counts = {m: sum(s["medium"] == m for s in everything) for m in ("soft", "hard", "pencil", "pan", "charcoal")}
assert counts == {"soft": 141, "hard": 36, "pencil": 48, "pan": 20, "charcoal": 2}, counts
assert len({s["id"] for s in everything}) == len(everything)
write("data/collections/generic.json", "generic", "Generic, all media", NOTE, everything)
write("data/collections/generic-soft.json", "generic-soft", "Generic, soft sticks", NOTE,
      [s for s in everything if s["medium"] in ("soft", "charcoal")])
write("data/collections/generic-pencils.json", "generic-pencils", "Generic, pencils and pan colours", NOTE,
      [s for s in everything if s["medium"] in ("pencil", "pan", "charcoal")])
