#!/usr/bin/env python3
# SPDX-License-Identifier: MIT
"""Makes data/demo/small/*.jpg from the demo pictures: what the first window shows of them, for screens of up to twice its
size. Needs python3-pil."""
import glob
import os

from PIL import Image

DEMO = os.path.join(os.path.dirname(__file__), "..", "demo")
SIDES = (416, 280)

for name in glob.glob(os.path.join(DEMO, "*.png")):
    picture = Image.open(name).convert("RGB")
    picture.thumbnail(SIDES, Image.LANCZOS)
    small = os.path.splitext(os.path.basename(name))[0] + ".jpg"
    picture.save(os.path.join(DEMO, "small", small), quality=90, optimize=True)
