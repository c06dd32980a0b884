# What the scripts of this folder share.

die() {
  echo "${0##*/}: $*" >&2
  exit 1
}

need() {
  command -v "$1" >/dev/null || die "$1 is missing"
}
