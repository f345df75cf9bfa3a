#!/usr/bin/env python3
# SPDX-License-Identifier: MIT
"""Puts texts with their translations into translations/yawning-dune_{de,fr,es}.ts, each into its context.

Usage: add_translations.py FILE.json    FILE.json: [{"context": "Facts", "source": "…", "de": "…", "fr": "…", "es": "…"}]
A text that is there already gets the new translation. Texts that no source has any more go with lupdate -no-obsolete
(docs/languages.md). No text is taken without all three languages.
"""
import json
import pathlib
import sys
from xml.sax.saxutils import escape

FOLDER = pathlib.Path(__file__).resolve().parents[2] / "translations"


def quoted(text):
    return escape(text, {"'": "&apos;", '"': "&quot;"})


def with_entry(ts, context, source, translation):
    head = f"        <name>{context}</name>\n"
    begin = ts.find(head)
    if begin < 0:
        begin = ts.rindex("</TS>")
        ts = ts[:begin] + f"    <context>\n{head}    </context>\n" + ts[begin:]
        begin = ts.find(head)
    end = ts.index("    </context>", begin)
    entry = f"            <source>{quoted(source)}</source>\n            <translation>{quoted(translation)}</translation>\n"
    at = ts.find(f"            <source>{quoted(source)}</source>\n", begin, end)
    if at >= 0:
        return ts[:at] + entry + ts[ts.index("        </message>", at):]
    return ts[:end] + f"        <message>\n{entry}        </message>\n" + ts[end:]


def main():
    entries = json.loads(pathlib.Path(sys.argv[1]).read_text(encoding="utf-8"))
    for language in ("de", "fr", "es"):
        file = FOLDER / f"yawning-dune_{language}.ts"
        ts = file.read_text(encoding="utf-8")
        for e in entries:
            ts = with_entry(ts, e["context"], e["source"], e[language])
        file.write_text(ts, encoding="utf-8")


main()
