# SPDX-License-Identifier: MIT
# Debian packages, by what they are for; docs/dependencies.md says why each. Sourced by demo and check.
BUILD_PACKAGES=(g++ cmake ninja-build pkg-config qt6-base-dev libgl-dev qt6-image-formats-plugins
  libopencv-core-dev libopencv-imgproc-dev liblcms2-dev libeigen3-dev nlohmann-json3-dev libzip-dev libtbb-dev libcli11-dev coinor-libcbc-dev libnlopt-dev libcsv-dev libheif-dev libapriltag-dev
  libqt6sql6-sqlite qt6-svg-dev qt6-speech-dev qt6-declarative-dev qt6-l10n-tools)
DEMO_PACKAGES=(xvfb xauth)
CHECK_BUILD_PACKAGES=(git clang-format libgsl-dev libbenchmark-dev librapidcheck-dev librsvg2-bin)
CHECK_PACKAGES=(clang-tidy colord-data argyll-ref unzip python3-scipy locales poppler-utils libxml2-utils clang libclang-rt-14-dev speech-dispatcher espeak-ng qt6-speech-speechd-plugin btrfs-progs)
PACKAGE_PACKAGES=(dpkg-dev file lintian appstream desktop-file-utils shared-mime-info libxml2-utils librsvg2-bin man-db debootstrap)

# Installs what is missing, as root or through sudo.
install_packages() {
  local missing=() p
  for p in "$@"; do
    dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q 'ok installed' || missing+=("$p")
  done
  [ "${#missing[@]}" -eq 0 ] && return 0
  local sudo=""
  [ "$(id -u)" -eq 0 ] || sudo="sudo"
  echo "Installing: ${missing[*]}"
  $sudo apt-get update -q
  DEBIAN_FRONTEND=noninteractive $sudo apt-get install -y -q --no-install-recommends "${missing[@]}"
}
