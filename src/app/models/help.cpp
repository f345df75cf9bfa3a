// SPDX-License-Identifier: MIT
#include "models/help.h"

#include "looks/translate.h"

namespace yd::app {
namespace {

QString dust() {
  return tr(
      "Pastel dust harms lungs, and some pigments more than that: work upright, tap dust off outdoors or onto a damp "
      "cloth, never blow. The product's safety data sheet and local rules say more; ask a qualified person where in "
      "doubt.");
}

Help first_picture() {
  return {
      tr("Your first picture in five minutes"),
      tr("From a photograph to a plan that you can paint from."),
      {tr("Drop a picture on the window. It is read into masses at once; the plan follows within seconds."),
       tr("Click what matters in it: it gets more masses, and the highest contrast."),
       tr("Say how long you want to take. Fewer minutes mean fewer passages and a calmer picture."),
       tr("Go to Ground and take the paper that stands first, or one that you own."),
       tr("Go to Tray and say what you own: the plan uses no stick that you take out."),
       tr("Go to Easel (E), lay out the sticks that it names, and press space after each step.")},
      tr("Nothing can be broken: every choice is undone with Ctrl+Z, and the picture you dropped is never changed."),
      dust(),
      "first-picture"};
}

Help subject() {
  return {
      tr("Subject"),
      tr("What is painted: its masses, values and edges."),
      {tr("Squint until only the large shapes are left: these are the masses."),
       tr("Click a mass to name it, to say what it is, or to merge it with its neighbour; paint over a border to move "
          "it."),
       tr("Mark what matters with a click or a drawn ring."),
       tr("Put light and crop right before the tray is chosen: both change every colour."),
       tr("Own colours: a mood, the palette of another picture, families for a grey page. Values stay as they are.")},
      tr("Too many small masses? Lower Most masses, or squint more. One missing? Mark it with a ring."),
      {},
      "subject"};
}

Help ground() {
  return {tr("Ground"),
          tr("The paper: its colour does part of the work, its tooth says how many layers it takes."),
          {tr("Papers stand best first, with what speaks for and against each."),
           tr("Click one to see the subject and the Board on it; the offcut sheet shows all of them side by side."),
           tr("Say what you weigh most: room for layers, a head start, cover, temperature."),
           tr("Lay strokes on an offcut, photograph or measure them, and the plan learns your hand and your sticks.")},
          tr("Your paper is not in the list? Take the one nearest in tooth and colour, and teach it with an offcut."),
          {},
          "ground"};
}

Help tray() {
  return {tr("Tray"),
          tr("The fewest sticks that carry the picture."),
          {tr("Slide to the number that you want to carry; the curve says what each one more is worth."),
           tr("Point at a stick to say that it must be in, or stay out."),
           tr("See what stays out of reach, and which stick to get next."),
           tr("Edit opens your collection: mark what you own, what is left, search, import a palette."),
           tr("Photograph a box: print a sheet, lay every stick on it, and its photograph makes the collection.")},
          tr("A colour is missed? Click it in the picture: its card says why, and what else would reach it."),
          {},
          "tray"};
}

Help underpainting() {
  return {
      tr("Underpainting"),
      tr("A wet or rubbed coat below the pastel, so that no bare paper shows through by accident."),
      {tr("Each medium is shown in each set of colours, with what it would gain."),
       tr("Take one for the picture; add exceptions for a mass or a plane."),
       tr("Press U to see the Board without it beside the Board with it."),
       tr("Let it dry through before the first dry stroke.")},
      tr("None is a good answer too: toned paper often does as much."),
      tr("Wet media, alcohol and solvents: air the room, no flame near them, and gloves where the label says so. The "
         "product's safety data sheet and local rules go first."),
      "underpainting"};
}

Help passages() {
  return {tr("Passages"),
          tr("The whole work in the order it is done, far to near and dark to light."),
          {tr("Click a passage: its places light up, its sticks lie ready, the core sample shows its layers."),
           tr("Page Down and Page Up go through the passes; the Board shows the picture after each."),
           tr("Take a school for the picture or for one mass; drag a passage elsewhere and it says what that breaks."),
           tr("Advice looks over the plan; M mends what it found."), tr("Time cuts it into sittings.")},
          tr("Print and export gives the plan to prop up, and outlines at true size to trace."),
          {},
          "passages"};
}

Help check() {
  return {
      tr("Check"),
      tr("The work held against the plan: what is off, and what mends it."),
      {tr("Photograph the whole sheet with its margin, straight on, in even light, and drop the file on the window."),
       tr("See that the corners sit on the picture's corners; drag them if they do not."),
       tr("Say how many passes are done."),
       tr("At most five things are said, value first; each with one or two strokes from the tray."),
       tr("M plans the rest from what really lies there.")},
      tr("Refused? It says why: too small, blurred, glare, no margin. Nearly always a second photograph helps."),
      {},
      "check"};
}

Help easel() {
  return {tr("Easel"),
          tr("One step at a time, in type that is read from where you stand."),
          {tr("Space when the marks that are lit are laid; → when the pass is done, ← goes back, S leaves it out."),
           tr("R takes another stick and plans the rest anew."),
           tr("N writes a note, P stops the clock, V reads the step aloud."),
           tr("Step back when it says so, and look with half-closed eyes.")},
          tr("Stopped for today? Close it: the marks are kept, and the next sitting begins where you were."),
          dust(),
          "easel"};
}

Help journal() {
  return {tr("Journal"),
          tr("What you found out, kept: works, recipes, sticks, minutes."),
          {tr("Works come by themselves when they are saved; passes and minutes from the easel."),
           tr("K keeps the recipe of the colour under the pointer; Shift+K gives a kept one to another colour."),
           tr("Search by words, colour, stick, paper or date."),
           tr("Sticks says what is used up and what to get before the next picture."),
           tr("Everything can be taken out: Markdown, CSV, JSON, or a work as a zip.")},
          tr("It is one file in your own folder; a copy of it is made every day."),
          {},
          "journal"};
}

Help practice() {
  return {tr("Practice"),
          tr("Drills of a minute or two that say how your eye is off, and get harder as it gets better."),
          {tr("Take a drill; answer with the number keys, the arrows or a click."),
           tr("Answer what you see, not what you know: there is no clock."),
           tr("After some twenty answers it says your bias and how sure it is."),
           tr("Check then mentions a bias that matters there.")},
          tr("Compare yourself with yourself, on this screen: screens differ, so nothing said here is absolute."),
          {},
          "practice"};
}

}  // namespace

Help help(HelpTopic topic) {
  switch (topic) {
    case HelpTopic::first_picture:
      return first_picture();
    case HelpTopic::subject:
      return subject();
    case HelpTopic::ground:
      return ground();
    case HelpTopic::tray:
      return tray();
    case HelpTopic::underpainting:
      return underpainting();
    case HelpTopic::passages:
      return passages();
    case HelpTopic::check:
      return check();
    case HelpTopic::easel:
      return easel();
    case HelpTopic::journal:
      return journal();
    case HelpTopic::practice:
      return practice();
  }
  return {};
}

}  // namespace yd::app
