#!/usr/bin/env bash
# SPDX-License-Identifier: MIT
# Makes docs/screenshots/ anew from the demo data; needs a built program and Xvfb.
# Usage: docs/screenshots.sh [BUILD FOLDER]
set -euo pipefail
cd "$(dirname "$0")/.."
program="${1:-build}/src/app/yawning-dune"
home=$(mktemp -d)
shot() {
  HOME="$home" XDG_DATA_HOME="$home" XDG_CONFIG_HOME="$home" xvfb-run -a -s "-screen 0 1920x1200x24" \
    "$program" --picture "docs/screenshots/$1.png" --stage "$2" "${@:3}"
}
shot subject 0 data/demo/salt-works.png
shot colours 0 --mood 3 --press section_colours data/demo/salt-works.png
shot ground 1 data/demo/salt-works.png
shot offcuts 1 --press offcut_sheet data/demo/salt-works.png
shot tray 2 data/demo/salt-works.png
shot collection 2 --press collection_edit data/demo/salt-works.png
shot box 2 --press collection_box,box_simulate data/demo/salt-works.png
shot underpainting 3 data/demo/kettle.png
shot passages 4 --passage 7 data/demo/salt-works.png
shot advice 4 --press card_advice data/demo/kettle.png
shot schools 4 --press school_page data/demo/kettle.png
shot easel 6 --done 9 data/demo/salt-works.png
shot check 5 --photo 8 --done 11 data/demo/salt-works.png
shot colour 2 --point 0.62,0.56 data/demo/salt-works.png
shot help 2 --press help_here data/demo/salt-works.png
# The journal has something in it by now: the easel's steps, and one more work.
shot journal 6 --done 12 data/demo/kettle.png
shot journal 2 --point 0.5,0.12 --press keep_recipe,to_journal data/demo/salt-works.png
shot practice 0 --press to_practice,practice_start data/demo/kettle.png
"${program%/app/yawning-dune}/cli/dune-plan" plan data/demo/salt-works.png --json /dev/null --pdf "$home/plan.pdf"
pdftoppm -r 70 -png -singlefile -f 1 -l 1 "$home/plan.pdf" docs/screenshots/print-1
pdftoppm -r 70 -png -singlefile -f 3 -l 3 "$home/plan.pdf" docs/screenshots/print-3
