# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
# Shared by run-demo and run-tests: what has to be installed, and how it is built.

build_packages=(g++ cmake ninja-build ccache qt6-base-dev qt6-svg-dev qt6-tools-dev qt6-l10n-tools qt6-translations-l10n libqcustomplot-dev libeigen3-dev libceres-dev libxsimd-dev libboost-dev
  libcli11-dev libfmt-dev nlohmann-json3-dev libsqlitecpp-dev libsqlite3-dev libical-dev libqpdf-dev pkg-config libgtest-dev libbenchmark-dev fonts-dejavu-core poppler-utils python3-icalendar)

# What the Debian package is made with and looked at.
package_packages=(librsvg2-bin dpkg-dev fakeroot lintian appstream desktop-file-utils shared-mime-info mandoc binutils)

# Another clone finds what this one has compiled.
export CCACHE_BASEDIR=$PWD CCACHE_NOHASHDIR=true

say() { printf '== %s\n' "$*"; }

# Installs what of "$@" is missing; asks apt only then.
ensure_packages() {
  local missing=() package
  for package in "$@"; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
  done
  if [ ${#missing[@]} -eq 0 ]; then
    say "packages: all there"
    return
  fi
  say "packages: installing ${missing[*]}"
  local as_root=()
  [ "$(id -u)" -eq 0 ] || as_root=(sudo)
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get update -qq
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"
}

# Configures once and builds; says what failed and nothing else unless it fails.
build_preset() {
  local preset=$1
  shift
  say "build: $preset"
  if [ ! -f "build/$preset/build.ninja" ]; then
    cmake --preset "$preset" >"build-$preset.log" 2>&1 || { cat "build-$preset.log"; rm -f "build-$preset.log"; return 1; }
    rm -f "build-$preset.log"
  fi
  cmake --build --preset "$preset" "$@"
}
