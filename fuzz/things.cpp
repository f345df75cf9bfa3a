// SPDX-License-Identifier: MIT
// Things as an artist, a file or another program may give them: read, checked, cut out.
#include <cmath>
#include <nlohmann/json.hpp>

#include "formats/things_file.h"
#include "harness.h"

using namespace yd;

namespace {

const subject::LabImage& picture() {
  static const subject::LabImage made = [] {
    subject::LabImage out(48, 36);
    for (int y = 0; y < 36; ++y) {
      for (int x = 0; x < 48; ++x) out.at(x, y) = {20.0F + static_cast<float>(x), static_cast<float>(y % 7), -3};
    }
    return out;
  }();
  return made;
}

void must_stand(const std::vector<subject::Thing>& things) {
  fuzz::must(subject::check(things).ok(), "what was read can be used");
  const subject::Things found = subject::find_things(picture(), things);
  for (const auto o : found.owner.data) fuzz::must(o <= things.size(), "an owner is a thing or the rest");
  for (std::size_t n = 0; n < things.size(); ++n) {
    fuzz::must(found.area[n] >= 0 && found.area[n] <= 1, "an area is a share");
    fuzz::must(found.within[n] < static_cast<int>(things.size()) && found.within[n] != static_cast<int>(n),
               "nothing lies in itself");
  }
}

}  // namespace

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  const std::string text(reinterpret_cast<const char*>(data), size);
  if (const auto one = formats::thing_of_text(text)) must_stand({one.value()});
  const auto json = media::parse_json(text, "things");
  if (!json || !json->is_object()) return 0;
  media::Fields f(json.value(), "things");
  std::vector<subject::Thing> things;
  if (f.has("things")) formats::read_things(f, things);
  if (f.error()) {
    fuzz::must(f.error()->where.find("things") != std::string::npos, "a refusal names the place");
    return 0;
  }
  must_stand(things);
  const nlohmann::json written{{"things", formats::things_to_json(things)}};
  media::Fields again(written, "again");
  std::vector<subject::Thing> back;
  formats::read_things(again, back);
  fuzz::must(!again.error() && back == things, "what is written is what was read");
  return 0;
}
