#!/usr/bin/env python3
# SPDX-License-Identifier: MIT
"""Draws the pictures of the help pages, data/help/*.svg: no words in them, so that they serve every language."""
import math
import os
import random

OUT = os.path.join(os.path.dirname(__file__), "..", "help")
W, H = 400, 260
ACCENT, INK, SHEET, DIM = "#d9a441", "#262626", "#ece8df", "#a8a8a8"
SKY, GLOW, FAR, SAND, HOLLOW = "#b9b4d0", "#e9cdb4", "#7d6a86", "#c99c6b", "#4a372c"
STICKS = ["#3a2b45", "#4a372c", "#5d4d8a", "#7d6a86", "#a9764a", "#c99c6b", "#b9b4d0", "#e9cdb4", "#f4efe6"]


# Qt's renderer knows no clip paths: everything is drawn within its frame.
def scene(x, y, w, h, colours=(SKY, GLOW, FAR, SAND, HOLLOW)):
    """The dune of our icon, within a frame."""
    sky, glow, far, sand, hollow = colours
    p = lambda u, v: f"{x + u * w:.1f} {y + v * h:.1f}"
    return (
        f'<g>'
        f'<rect x="{x}" y="{y}" width="{w}" height="{h}" fill="{sky}"/>'
        f'<rect x="{x}" y="{y + 0.32 * h}" width="{w}" height="{0.3 * h}" fill="{glow}"/>'
        f'<path d="M{p(0, .58)} C{p(.2, .44)} {p(.35, .44)} {p(.5, .53)} S{p(.85, .56)} {p(1, .44)} V{y + h} H{x}z" fill="{far}"/>'
        f'<path d="M{p(0, .78)} C{p(.25, .56)} {p(.5, .54)} {p(.65, .63)} S{p(.9, .68)} {p(1, .62)} V{y + h} H{x}z" fill="{sand}"/>'
        f'<path d="M{p(.36, .74)} C{p(.46, .66)} {p(.58, .66)} {p(.68, .74)} C{p(.58, .83)} {p(.46, .83)} {p(.36, .74)}z" fill="{hollow}"/></g>'
        f'<rect x="{x}" y="{y}" width="{w}" height="{h}" fill="none" stroke="{SHEET}" stroke-width="2"/>'
    )


def strokes(x, y, w, h, colour, n, seed, slope=0.1, thick=4.0, opacity=0.85):
    r = random.Random(seed)
    out = ""
    for _ in range(n):
        length = w * (0.15 + 0.2 * r.random())
        u, v = x + 3 + r.random() * (w - length - 6), y + max(0, length * slope) + r.random() * (h - abs(length * slope))
        out += f'<path d="M{u:.1f} {v:.1f}l{length:.1f} {-length * slope:.1f}" stroke="{colour}" stroke-width="{thick * (0.6 + 0.7 * r.random()):.1f}" stroke-linecap="round" opacity="{opacity}"/>'
    return out


def broken(x, y, w, h, seed=1):
    """The same picture in pastel: strokes over a toned sheet."""
    body = f'<rect x="{x}" y="{y}" width="{w}" height="{h}" fill="#9c8f86"/>'
    body += strokes(x, y + 4, w, 0.34 * h, SKY, 46, seed)
    body += strokes(x, y + 0.36 * h, w, 0.2 * h, GLOW, 30, seed + 1)
    body += strokes(x, y + 0.54 * h, w, 0.14 * h, FAR, 24, seed + 2, -0.1)
    body += strokes(x, y + 0.7 * h, w, 0.3 * h - 5, SAND, 44, seed + 3, 0.2)
    body += strokes(x + 0.36 * w, y + 0.71 * h, 0.3 * w, 0.08 * h, HOLLOW, 12, seed + 4, 0.05)
    return (f'<g>{body}</g><rect x="{x}" y="{y}" width="{w}" height="{h}" fill="none" stroke="{SHEET}" stroke-width="2"/>')


def stick(x, y, colour, length=54, thick=13, angle=0):
    return (f'<g transform="rotate({angle} {x} {y})"><rect x="{x}" y="{y}" width="{length}" height="{thick}" rx="2.5" fill="{colour}"/>'
            f'<rect x="{x}" y="{y}" width="{length}" height="{thick * 0.32:.1f}" rx="2" fill="#fff" opacity=".25"/>'
            f'<rect x="{x + length * .55:.1f}" y="{y}" width="{length * .45:.1f}" height="{thick}" rx="1" fill="{SHEET}" opacity=".9"/></g>')


def pointer(x, y):
    return f'<path d="M{x} {y}l0 22 5.500-5 4 9 4-1.800-4-8.700 7.500-.5z" fill="#fff" stroke="{INK}" stroke-width="1.500" stroke-linejoin="round"/>'


def ring(x, y, r):
    return f'<circle cx="{x}" cy="{y}" r="{r}" fill="none" stroke="{ACCENT}" stroke-width="3"/>'


def key(x, y, w=70, h=26):
    return f'<rect x="{x}" y="{y}" width="{w}" height="{h}" rx="5" fill="{SHEET}" stroke="{INK}" stroke-width="1.5"/>'


def line(x, y, w, colour=SHEET, thick=4):
    return f'<path d="M{x} {y}h{w}" stroke="{colour}" stroke-width="{thick}" stroke-linecap="round"/>'


def arrow(x, y, dx, dy):
    a = math.atan2(dy, dx)
    tip = [(x + dx + 10 * math.cos(a + t), y + dy + 10 * math.sin(a + t)) for t in (2.6, -2.6)]
    return (f'<path d="M{x} {y}l{dx} {dy}M{tip[0][0]:.1f} {tip[0][1]:.1f}L{x + dx} {y + dy}L{tip[1][0]:.1f} {tip[1][1]:.1f}" '
            f'fill="none" stroke="{ACCENT}" stroke-width="3" stroke-linecap="round" stroke-linejoin="round"/>')


def clock(x, y, r, share):
    a = 2 * math.pi * share
    big = 1 if share > 0.5 else 0
    return (f'<circle cx="{x}" cy="{y}" r="{r}" fill="{SHEET}"/><path d="M{x} {y}V{y - r}A{r} {r} 0 {big} 1 {x + r * math.sin(a):.1f} {y - r * math.cos(a):.1f}z" fill="{ACCENT}"/>'
            f'<circle cx="{x}" cy="{y}" r="{r}" fill="none" stroke="{INK}" stroke-width="2"/>')


def paper(x, y, colour, angle=0, w=92, h=120):
    r = random.Random(colour)
    tooth = "".join(f'<circle cx="{x + r.random() * w:.1f}" cy="{y + r.random() * h:.1f}" r="1" fill="{"#fff" if i % 2 else "#000"}" opacity=".22"/>' for i in range(110))
    return f'<g transform="rotate({angle} {x + w / 2} {y + h})"><rect x="{x}" y="{y}" width="{w}" height="{h}" fill="{colour}"/>{tooth}</g>'


def first_picture():
    out = scene(24, 30, 150, 100) + ring(104, 104, 24) + pointer(112, 108) + arrow(184, 80, 32, 0) + broken(226, 30, 150, 100, 5)
    out += "".join(stick(30 + 40 * i, 170, c, 34, 11) for i, c in enumerate(STICKS[1:7])) + clock(312, 196, 28, 0.3)
    return out + line(30, 210, 190, DIM) + line(30, 228, 140, DIM)


def subject():
    flat = ("#8f8f8f", "#c9c9c9", "#6e6e6e", "#a0a0a0", "#3f3f3f")
    out = scene(24, 40, 200, 140) + ring(128, 144, 32) + pointer(150, 150)
    out += scene(244, 40, 132, 92, flat)
    return out + "".join(f'<rect x="{24 + 39 * i}" y="206" width="35" height="22" fill="rgb({v},{v},{v})"/>' for i, v in enumerate(range(35, 246, 26)))


def ground():
    out = "".join(paper(150, 60, c, a) for c, a in (("#5c5650", -34), ("#d9d3c6", 34), ("#8a7f78", -17), ("#8f98a0", 17), ("#b7a58d", 0)))
    return out + "".join(strokes(160, 90 + 22 * i, 70, 4, c, 4, i, 0.0, 7) for i, c in enumerate((HOLLOW, "#5d4d8a", "#e9cdb4"))) + line(90, 222, 220, DIM) + f'<circle cx="230" cy="222" r="8" fill="{ACCENT}"/>'


def tray():
    out = f'<rect x="26" y="34" width="348" height="104" rx="8" fill="#5b5048"/><rect x="34" y="42" width="332" height="88" rx="5" fill="#473e38"/>'
    out += "".join(stick(44 + 64 * (i % 5), 54 + 38 * (i // 5), c, 52, 15) for i, c in enumerate(STICKS))
    out += f'<path d="M40 232C70 176 130 166 360 160" fill="none" stroke="{SHEET}" stroke-width="3"/><circle cx="150" cy="175" r="8" fill="{ACCENT}"/>'
    return out + line(40, 240, 320, DIM, 2)


def underpainting():
    wash = "".join(f'<path d="M{60 + 10 * i} {70 + 38 * i}c60-26 130 22 190-6l0 34c-70 24-120-18-190 6z" fill="{c}" opacity=".75"/>' for i, c in enumerate(("#c4753f", "#b0583a", "#7a4a5e")))
    out = f'<rect x="40" y="36" width="240" height="180" fill="#cdbfa9"/>{wash}'
    out += strokes(60, 60, 170, 40, SKY, 22, 3) + strokes(70, 150, 170, 50, SAND, 22, 8, 0.2)
    return out + f'<g transform="rotate(35 320 120)"><rect x="312" y="20" width="14" height="110" rx="6" fill="#8a6a4a"/><rect x="308" y="124" width="22" height="24" fill="{DIM}"/><path d="M308 148h22l-5 34c-2 8-10 8-12 0z" fill="#b0583a"/></g>'


def passages():
    out = broken(24, 36, 190, 130, 11) + f'<rect x="24" y="126" width="190" height="40" fill="none" stroke="{ACCENT}" stroke-width="3"/>'
    for i, c in enumerate((HOLLOW, FAR, SKY, GLOW, SAND)):
        y = 44 + 27 * i
        out += f'<rect x="236" y="{y - 9}" width="140" height="22" rx="4" fill="#fff" opacity="{0.32 if i == 4 else 0.1}"/>' + stick(242, y - 4, c, 30, 11) + line(284, y + 2, 76 - 9 * (i % 3), SHEET, 3)
    return out + "".join(f'<rect x="{24 + x}" y="196" width="{w - 3}" height="22" fill="{c}"/>' for x, w, c in ((0, 60, HOLLOW), (60, 86, FAR), (146, 70, SKY), (216, 56, GLOW), (272, 80, SAND))) + line(24, 228, 210, ACCENT, 3)


def check():
    tilt = f'<g transform="rotate(-5 110 110)"><rect x="24" y="36" width="172" height="136" fill="{SHEET}"/>{broken(38, 52, 144, 104, 17)}</g>'
    out = tilt + "".join(ring(x, y, 7) for x, y in ((33, 58), (177, 46), (186, 150), (43, 162)))
    out += arrow(210, 104, 26, 0) + scene(248, 52, 128, 104) + ring(318, 128, 20)
    return out + stick(120, 206, HOLLOW, 60, 15) + arrow(196, 214, 30, 0) + f'<circle cx="256" cy="214" r="15" fill="{HOLLOW}" stroke="{SHEET}" stroke-width="2"/>'


def easel():
    legs = f'<path d="M150 40L92 240M150 40L208 240M150 40V226" stroke="#6b5138" stroke-width="8" stroke-linecap="round"/><path d="M86 172H214" stroke="#6b5138" stroke-width="9"/>'
    out = legs + broken(84, 58, 132, 108, 23) + stick(248, 66, SAND, 92, 22) + line(248, 116, 120, SHEET, 8) + line(248, 138, 92, SHEET, 8)
    return out + key(248, 176, 120, 30) + f'<path d="M292 192l8 8 16-18" fill="none" stroke="{ACCENT}" stroke-width="4" stroke-linecap="round" stroke-linejoin="round"/>'


def journal():
    out = f'<path d="M200 48C160 34 90 34 40 48V214C90 200 160 200 200 214C240 200 310 200 360 214V48C310 34 240 34 200 48z" fill="{SHEET}"/><path d="M200 48V214" stroke="{DIM}" stroke-width="2"/>'
    out += broken(60, 64, 116, 78, 31) + "".join(line(62, 160 + 16 * i, 112 - 22 * i, DIM, 3) for i in range(3))
    return out + "".join(stick(226, 70 + 34 * i, c, 40, 13) + line(280, 77 + 34 * i, 58 - 12 * (i % 2), DIM, 3) for i, c in enumerate((HOLLOW, FAR, SAND, GLOW)))


def practice():
    out = f'<rect x="40" y="40" width="150" height="110" fill="#3f3f3f"/><rect x="210" y="40" width="150" height="110" fill="#d8d8d8"/><rect x="90" y="70" width="50" height="50" fill="#8a6a5a"/><rect x="260" y="70" width="50" height="50" fill="#8a6a5a"/>'
    out += "".join(f'<rect x="{40 + 36 * i}" y="176" width="32" height="24" fill="rgb({v},{v},{v})"/>' for i, v in enumerate(range(35, 246, 26)))
    return out + f'<rect x="146" y="172" width="36" height="32" fill="none" stroke="{ACCENT}" stroke-width="3"/><path d="M40 236l50-14 50 6 60-16 60 2 100-8" fill="none" stroke="{SHEET}" stroke-width="3"/>'


for draw in (first_picture, subject, ground, tray, underpainting, passages, check, easel, journal, practice):
    name = draw.__name__.replace("_", "-")
    with open(os.path.join(OUT, name + ".svg"), "w", encoding="utf-8") as f:
        f.write(f'<svg xmlns="http://www.w3.org/2000/svg" width="{W}" height="{H}" viewBox="0 0 {W} {H}">'
                f'<rect width="{W}" height="{H}" rx="8" fill="#777"/>{draw()}</svg>\n')
