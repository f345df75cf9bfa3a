#!/usr/bin/env python3
# SPDX-License-Identifier: MIT
"""Writes data/model/parameters.json: every number of the optical model, once, with unit, range and reason.

The values are ours: round numbers chosen so that the facts of the trade in docs/model/light.md come out together.
No published measurement of pastel films is known to us; offcut tests are meant to replace them.
Run from the project's root after changing a number here: python3 data/tools/make_parameters.py
"""
import json

MEDIA = {  # lay, reach_light, reach_firm, scatter, loose_light, loose_firm, scrape, slip, bite, grain
    "pan":      (0.16, 0.90, 1.80,  9.0, 0.55, 0.45, 0.00, 0.30, 0.50, 0.10),
    "pencil":   (0.28, 0.12, 0.80,  7.0, 0.35, 0.15, 0.20, 2.50, 1.50, 0.08),
    "hard":     (0.38, 0.13, 1.00,  9.0, 0.55, 0.30, 0.10, 1.00, 1.00, 0.12),
    "soft":     (0.85, 0.15, 1.50, 12.0, 0.80, 0.60, 0.00, 0.20, 0.80, 0.16),
    "charcoal": (0.30, 0.15, 0.90, 10.0, 0.90, 0.75, 0.00, 0.20, 0.60, 0.14),
}
MEDIUM_FIELDS = [
    ("lay", "load", 0.02, 2.0, "laid by one pass at full pressure where the stick touches; softer sticks flood"),
    ("reach_light", "load", 0.02, 3.0, "depth at which a feather-light pass lays 1/e: a light stroke finds the peaks only"),
    ("reach_firm", "load", 0.05, 5.0, "the same at full pressure: a firm stroke and a sponge reach the valleys"),
    ("scatter", "1/load", 0.5, 60.0, "hiding power of the powder; binder in hard media and pencils fills air gaps and lowers it"),
    ("loose_light", "share", 0.0, 1.0, "pigment of a light stroke that a finger can still move"),
    ("loose_firm", "share", 0.0, 1.0, "the same when pressed in: pigment pressed hard cannot be lifted again"),
    ("scrape", "share", 0.0, 1.0, "loose pigment under a hard point that is pushed aside at full pressure"),
    ("slip", "1/load", 0.0, 20.0, "grip lost per load of loose pigment underneath: hard does not take over soft"),
    ("bite", "exponent", 0.0, 5.0, "of the free tooth in the grip: a hard point needs bare tooth to bite"),
    ("grain", "load", 0.0, 1.0, "a layer one particle thick; thinner ones leave gaps, so a thin veil of black does not hide all"),
]
WASHES = {  # scatter, wet_scatter, follow, packing, loose, lift, dry_minutes
    "transparent":     (0.0, 1.00, 0.50, 0.02, 0.00, 0.30, 15.0),
    "opaque":          (9.0, 0.55, 0.60, 0.10, 0.05, 0.30, 30.0),
    "ink":             (0.0, 1.00, 0.30, 0.01, 0.00, 0.20, 10.0),
    "brushed-water":   (8.0, 0.55, 0.70, 0.25, 0.10, 0.80, 25.0),
    "brushed-alcohol": (8.0, 0.60, 0.70, 0.25, 0.12, 0.50, 5.0),
}
WASH_FIELDS = [
    ("scatter", "1/load", 0.0, 60.0, "hiding power once dry; a transparent coat has none and can only darken"),
    ("wet_scatter", "share", 0.1, 1.0, "hiding power while water fills the air gaps: opaque paint dries lighter"),
    ("follow", "share", 0.0, 1.0, "how much more settles in the valleys than on the peaks"),
    ("packing", "load height/load", 0.0, 1.0, "room a dried coat takes in the tooth"),
    ("loose", "share", 0.0, 1.0, "pigment of the dried coat that rubs off"),
    ("lift", "share", 0.0, 1.0, "loose pigment below that the brush takes up: water goes muddier than alcohol"),
    ("dry_minutes", "min", 1.0, 4320.0, "usual drying of a thin coat at room temperature, without heat"),
]
OTHERS = [
    ("rub.reach", 0.50, "load", 0.05, 5.0, "cover through which a finger still moves 1/e of the loose pigment"),
    ("rub.smear", 0.60, "share", 0.0, 1.0, "laid back evenly, as a film on the peaks too; the rest goes valleys first"),
    ("rub.packing", 0.70, "load height/load", 0.2, 1.0, "pressed pigment stands lower: the top is free for one more layer"),
    ("rub.loose", 0.25, "share", 0.0, 1.0, "still loose after rubbing"),
    ("rub.grain", 0.05, "load", 0.0, 1.0, "as grain of the media: rubbed films leave finer gaps than strokes"),
    ("fixative.scatter", 0.72, "share", 0.2, 1.0, "hiding power left once resin fills air gaps: it darkens"),
    ("fixative.loose", 0.15, "share", 0.0, 1.0, "of the loose share, what stays loose: it holds what is there"),
    ("fixative.settle", 0.92, "share", 0.5, 1.0, "height left: a little tooth comes back"),
    ("fixative.dry_minutes", 15.0, "min", 1.0, 240.0, "usual; the product's sheet says more"),
    ("lift.take", 0.75, "share", 0.0, 1.0, "of the loose pigment it can get at, what a stiff dry brush takes off; it gets as deep as a finger"),
]

rows = []
for group, fields in ((MEDIA, MEDIUM_FIELDS), (WASHES, WASH_FIELDS)):
    for key, values in group.items():
        prefix = key if group is MEDIA else "wash_" + key
        for value, (name, unit, low, high, reason) in zip(values, fields):
            rows.append(dict(key=f"{prefix}.{name}", default=value, unit=unit, min=low, max=high, reason=reason))
for key, value, unit, low, high, reason in OTHERS:
    rows.append(dict(key=key, default=value, unit=unit, min=low, max=high, reason=reason))

with open("data/model/parameters.json", "w") as f:
    f.write('{"format": "yawning-dune parameters", "version": 1, "parameters": [\n')
    f.write(",\n".join("  " + json.dumps(r) for r in rows))
    f.write("\n]}\n")
