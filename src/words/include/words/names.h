// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <string>

#include "media/collection.h"
#include "media/paper.h"
#include "subject/masses.h"
#include "subject/things.h"

namespace yd::words {

/// `colour::describe` in the language of the interface: "dark greyish blue", "dunkles gräuliches Blau".
QString colour_name(const colour::Lab& lab);
/// How `is` differs from `wanted`, in the order artists compare: "half a step too light, a little too warm".
QString difference(const colour::Lab& is, const colour::Lab& wanted);

/// A mass's own name, or the one that was made for it ("pale grey 7") in the language of the interface.
QString mass_name(const subject::Mass& mass);
QString mass_name(const std::string& name);
/// The same with its number before it, for lists beside a numbered map: "7. pale grey", "3. the gate".
QString numbered_name(const subject::Mass& mass);
/// What a thing is, and how much it matters.
QString thing_kind(subject::ThingKind kind);
QString weight(subject::Weight weight);
/// Shipped sticks, collections and papers in the language of the interface; the artist's own as they are.
QString stick_name(const std::string& name);
inline QString stick_name(const media::Stick& stick) { return stick_name(stick.name); }
QString paper_name(const media::Paper& paper);
QString collection_name(const media::Collection& collection);

}  // namespace yd::words
