# SPDX-License-Identifier: MIT
"""Joins the sources into a few files for clang-tidy, which spends its time on the headers of each file it is given.

Usage: lint_groups.py BUILD    BUILD: a folder configured with -DYD_PCH=OFF and no unity build.
Writes BUILD/lint/<group>.cxx and BUILD/lint/compile_commands.json and prints the files, slowest first. Names without
linkage have to differ within a group; two that do not are a compile error, and often one piece of logic written twice.
"""
import json
import pathlib
import shlex
import sys

GROUPS = {
    "plan": ["support", "parallel", "colour", "optics", "media", "fit", "subject", "files", "pictures", "plan"],
    "window": ["app"],
    "work": ["board", "job", "check", "calibrate", "swatches", "standin", "practice", "words", "formats", "exports", "printed",
             "journal", "cli"],
    # Apart: a check goes through a whole group for each of some hundred functions of the command line's library.
    "commands": ["cli/main.cpp", "cli/options.cpp", "cli/manual.cpp"],
}
TWICE = {"kernel_avx2.cpp"}  # the text of kernel_baseline.cpp for another processor


def flags_of(command):
    """Include folders, definitions and language of a compile command; not what only the code generator reads."""
    words = shlex.split(command)[1:]
    out = []
    while words:
        word = words.pop(0)
        if word in ("-o", "-c"):
            words.pop(0)
        elif word == "-isystem":
            out.append((word, words.pop(0)))
        elif word.startswith(("-I", "-D", "-W", "-std")):
            out.append((word,))
    return out


def main():
    build = pathlib.Path(sys.argv[1]).resolve()
    source = pathlib.Path(__file__).resolve().parent.parent / "src"
    entries = json.loads((build / "compile_commands.json").read_text())
    lint = build / "lint"
    lint.mkdir(exist_ok=True)
    commands = []
    left = {e["file"] for e in entries if pathlib.Path(e["file"]).is_relative_to(source)}
    for group, folders in reversed(GROUPS.items()):  # what stands in two is the last one's
        roots = [source / f for f in folders]
        mine = [e for e in entries
                if e["file"] in left and any(pathlib.Path(e["file"]).is_relative_to(r) for r in roots)]
        if not mine:
            sys.exit(f"Nothing to lint in {group}: is {build} a unity build?")
        left -= {e["file"] for e in mine}
        joined = lint / f"{group}.cxx"
        joined.write_text("".join(f'#include "{e["file"]}"\n' for e in mine if pathlib.Path(e["file"]).name not in TWICE))
        flags = list(dict.fromkeys(f for e in mine for f in flags_of(e["command"])))
        commands.append({"directory": str(build), "file": str(joined),
                         "arguments": ["c++", *(w for f in flags for w in f), "-c", str(joined)]})
    if left:
        sys.exit("In no group of lint_groups.py: " + ", ".join(sorted(left)))
    (lint / "compile_commands.json").write_text(json.dumps(commands, indent=1))
    print("\n".join(c["file"] for c in reversed(commands)))  # only now: what reads the names may begin at the first


main()
