//! What the folders of a path say of machines and systems.

/// Names of machines, then of systems, that are not the usual ones.
const OTHERS: [&str; 59] = [
    "alpha",
    "arc",
    "arm",
    "arm64",
    "aarch64",
    "csky",
    "hexagon",
    "ia64",
    "loongarch",
    "m68k",
    "microblaze",
    "mips",
    "nios2",
    "openrisc",
    "parisc",
    "powerpc",
    "ppc",
    "ppc64",
    "riscv",
    "s390",
    "sh",
    "sparc",
    "um",
    "xtensa",
    "win32",
    "windows",
    "win",
    "msdos",
    "dos",
    "os2",
    "macos",
    "darwin",
    "mac",
    "osx",
    "vms",
    "amiga",
    "beos",
    "haiku",
    "qnx",
    "freebsd",
    "netbsd",
    "openbsd",
    "solaris",
    "wince",
    "aix",
    "bsd",
    "cygwin",
    "hpux",
    "hurd",
    "kqueue",
    "mingw",
    "os390",
    "sunos",
    "w32",
    "winsock",
    "win64",
    "msvc",
    "android",
    "ios",
];
/// How many of them are machines.
const MACHINES: usize = 24;
/// Names of the usual ones.
const USUAL: [&str; 6] = ["x86", "x86_64", "linux", "unix", "posix", "generic"];
/// Systems whose names mean much else in the name of a macro.
const UNSURE: [&str; 5] = ["win", "dos", "mac", "bsd", "nt"];

/// What the folders of a path say of machines and systems.
#[derive(Debug, Clone, Copy, Default)]
pub(super) struct Platform {
    /// Those other than the usual ones, as bits.
    others: u64,
    usual: bool,
}

impl Platform {
    pub(super) fn of(path: &str) -> Platform {
        let mut out = Platform::default();
        let (folders, file) = path.rsplit_once('/').unwrap_or(("", path));
        for part in folders.split('/') {
            if let Some(bit) = OTHERS.iter().position(|o| *o == part) {
                out.others |= 1 << bit;
            }
            out.usual |= USUAL.contains(&part);
        }
        // Words of a file's name tell of systems; names of machines are short and mean much else there.
        for word in file.split(['.', '-', '_']) {
            if let Some(bit) = OTHERS.iter().position(|o| *o == word).filter(|bit| *bit >= MACHINES) {
                out.others |= 1 << bit;
            }
            out.usual |= matches!(word, "linux" | "unix" | "posix");
        }
        out
    }

    /// Folders of other machines and systems rank behind, unless the one who asks stands in one of the same.
    pub(super) fn rank_from(self, from: Platform) -> u8 {
        if self.others & !from.others != 0 { 2 } else { u8::from(!self.usual && self.others & from.others == 0) }
    }
}

/// Is a macro called after another system: `USE_W32_THREADS`?
pub(super) fn names_other_system(macro_name: &str) -> bool {
    let is_system = |word: &str| {
        let word = word.to_ascii_lowercase();
        !UNSURE.contains(&word.as_str()) && OTHERS.iter().skip(MACHINES).any(|o| *o == word)
    };
    macro_name.split('_').any(is_system)
}
