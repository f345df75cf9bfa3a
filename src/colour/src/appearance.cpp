// SPDX-License-Identifier: MIT
#include "colour/appearance.h"

#include <lcms2.h>

#include <memory>

#include "colour/observer.h"

namespace yd::colour {
namespace {

struct DoneModel {
  void operator()(void* m) const { cmsCIECAM02Done(m); }
};
using Model = std::unique_ptr<void, DoneModel>;

Model make_model(const Viewing& v) {
  cmsViewingConditions vc;
  vc.whitePoint = {v.white.x, v.white.y, v.white.z};
  vc.Yb = v.background_y;
  vc.La = v.adapting_cd_m2;
  vc.surround = AVG_SURROUND;
  vc.D_value = D_CALCULATE;
  return Model(cmsCIECAM02Init(nullptr, &vc));
}

}  // namespace

Appearance appearance(const Xyz& xyz, const Viewing& viewing) {
  const Model model = make_model(viewing);
  const cmsCIEXYZ in{xyz.x, xyz.y, xyz.z};
  cmsJCh out{};
  cmsCIECAM02Forward(model.get(), &in, &out);
  return {out.J, out.C, out.h};
}

Lab seems_on(const Lab& colour, const Lab& surround) {
  const Xyz white = weights(Illuminant::d50).white;
  Viewing there{white, to_xyz(surround, white).y, 64};
  const Appearance seen = appearance(to_xyz(colour, white), there);
  // The same correlates, made by a colour on middle grey (Y = 20).
  const Model grey = make_model(Viewing{white, 20, 64});
  const cmsJCh in{seen.j, seen.c, seen.h};
  cmsCIEXYZ out{};
  cmsCIECAM02Reverse(grey.get(), &in, &out);
  return to_lab(Xyz{out.X, out.Y, out.Z}, white);
}

}  // namespace yd::colour
