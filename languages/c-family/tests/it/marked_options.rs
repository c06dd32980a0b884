//! Programs with marks whose branches hang on what a build is set to as long as nobody sets anything.

use rstest::rstest;
use testkit::marked::check;

const HEAD: &str = "#ifdef RACK_LOCKS\nint turn(int by, int and_a_lock, int and_more_of_it);\n#else\nint turn(int by);\n#endif\n";
/// The branch with the setting is much the longer one: without the build's files it would be taken.
const BODY: &str = "#include \"turn.h\"\n#ifdef RACK_LOCKS\nint turn(int by, int and_a_lock, int and_more_of_it) { return by + and_a_lock + and_more_of_it + 1 + 1 + 1 + 1 + 1 + 1; }\n#else\nint ⟦off:turn⟧(int by) { return by; }\n#endif\n";
const USE: &str = "#include \"turn.h\"\nint run(void) { return «off~turn»(1); }\n";
/// The other way round: without the build's files the branch without the setting would be taken.
const BODY_ON: &str = "#include \"turn.h\"\n#ifdef RACK_LOCKS\nint ⟦on:turn⟧(int by, int a, int b) { return by + a + b; }\n#else\nint turn(int by) { return by + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }\n#endif\n";
const USE_ON: &str = "#include \"turn.h\"\nint run(void) { return «on~turn»(1, 2, 3); }\n";

#[rstest]
#[case::off("CMakeLists.txt", "option(RACK_LOCKS \"Lock racks\" OFF)\n")]
#[case::off_without_a_word("CMakeLists.txt", "option(RACK_LOCKS \"Lock racks\")\n")]
#[case::defined_on_other_systems("CMakeLists.txt", "if(WIN32 AND NOT CYGWIN)\n  add_definitions(-DRACK_LOCKS=1)\nendif()\n")]
#[case::defined_by_an_option("CMakeLists.txt", "option(WITH_LOCKS \"\" OFF)\nif(WITH_LOCKS)\n  add_compile_definitions(RACK_LOCKS)\nendif()\n")]
#[case::hangs_on_another(
    "CMakeLists.txt",
    "include(CMakeDependentOption)\noption(WITH_SHELVES \"\" OFF)\ncmake_dependent_option(RACK_LOCKS \"Lock\" ON \"WITH_SHELVES\" OFF)\n"
)]
#[case::in_a_loop(
    "CMakeLists.txt",
    "option(LARDER_LOCKS \"\" OFF)\nforeach(WHAT LOCKS)\n  if(LARDER_${WHAT})\n    set(RACK_${WHAT} 1)\n  else()\n    set(RACK_${WHAT} 0)\n  endif()\nendforeach()\n"
)]
#[case::given_by_nobody("CMakeLists.txt", "if(NOT DEFINED WITH_LOCKS)\n  set(RACK_LOCKS OFF)\nelse()\n  set(RACK_LOCKS ${WITH_LOCKS})\nendif()\n")]
#[case::nobody_speaks_of_it("CMakeLists.txt", "add_library(rack turn.c)\n")]
#[case::asked_for(
    "configure.ac",
    "AC_ARG_ENABLE([locks], [help, with (brackets)], [], [enable_locks=no])\nif test \"x$enable_locks\" = \"xyes\"; then\n  AC_DEFINE([RACK_LOCKS], [1], [Lock racks])\nfi\n"
)]
#[case::asked_for_without_an_answer(
    "configure.ac",
    "AC_ARG_WITH(locks,\n[  --with-locks  lock racks (off)])\nRACK_LOCKS=0\nif test \"$with_locks\" = \"yes\" ; then\n    RACK_LOCKS=1\nfi\nAC_SUBST(RACK_LOCKS)\n"
)]
#[case::by_macros("configure.ac", "AC_ARG_ENABLE(locks, [], [], [enable_locks=no])\nAS_IF([test \"$enable_locks\" != no], [AC_DEFINE(RACK_LOCKS, 1)])\n")]
#[case::of_other_systems("configure.ac", "case \"$host_os\" in\n  *mingw*|cygwin*) AC_DEFINE([RACK_LOCKS], 1, []) ;;\n  *) X=1 ;;\nesac\n")]
fn settings_that_are_off(#[case] file: &str, #[case] text: &str) {
    check(&[(file, text), ("turn.h", HEAD), ("turn.c", BODY), ("use.c", USE)]);
}

#[rstest]
#[case::on(&[("CMakeLists.txt", "option(RACK_LOCKS \"Lock racks\" ON)\n")])]
#[case::in_a_folder_of_its_own(&[
    ("CMakeLists.txt", "set(LOCKS_AT_FIRST ON)\nadd_subdirectory(\n  locks # here\n)\n"),
    ("locks/CMakeLists.txt", "option(RACK_LOCKS \"\" ${LOCKS_AT_FIRST})\n"),
])]
#[case::included(&[
    ("CMakeLists.txt", "include(${CMAKE_CURRENT_SOURCE_DIR}/cmake/locks.cmake)\n"),
    ("cmake/locks.cmake", "option(RACK_LOCKS [=[with ]] in it]=] ON)\n"),
])]
#[case::asked_for(&[(
    "configure.ac",
    "AC_ARG_ENABLE([locks], [help], [],\n  [enable_locks=yes])\ncase $enable_locks in\nyes) AC_DEFINE([RACK_LOCKS], 1, [Lock racks]);;\nesac\n",
)])]
#[case::what_a_check_finds(&[(
    "configure.ac",
    "AC_COMPILE_IFELSE([AC_LANG_PROGRAM([], [])], [locks_work=yes], [locks_work=no])\nif test $locks_work = yes; then\n  AC_DEFINE([RACK_LOCKS], 1, [Define if your system supports locks])\nfi\n",
)])]
#[case::under_a_check_that_is_met(&[(
    "configure.ac",
    "enable_locks=yes\nif test -z \"$enable_locks\" ; then\n  RACK_LOCKS=no\nelif [ \"${enable_locks}\" = yes ] && test -n \"$enable_locks\"; then\n  RACK_LOCKS=yes\nfi\n",
)])]
fn settings_that_are_on(#[case] build: &[(&str, &str)]) {
    check(&[build, &[("turn.h", HEAD), ("turn.c", BODY_ON), ("use.c", USE_ON)]].concat());
}

#[rstest]
#[case::in_a_comment("include/rack_config.h", "/* Settings */\n//#define RACK_LOCKS\n#define RACK_DEPTH 2\n")]
#[case::in_another_comment("rack_config.h", "/* #define RACK_LOCKS 1 */\n")]
fn settings_that_stand_in_a_comment(#[case] file: &str, #[case] text: &str) {
    check(&[("CMakeLists.txt", "add_library(rack turn.c)\n"), (file, text), ("turn.h", HEAD), ("turn.c", BODY), ("use.c", USE)]);
}

/// One build says nothing of what another folder is built with.
#[test]
fn folders_without_a_build_are_left_alone() {
    let body = BODY.replace("⟦off:turn⟧", "turn").replace("int turn(int by, int and_a_lock", "int ⟦on:turn⟧(int by, int and_a_lock");
    check(&[("shelf/CMakeLists.txt", "add_library(shelf shelf.c)\n"), ("rack/turn.h", HEAD), ("rack/turn.c", &body), ("rack/use.c", USE_ON)]);
}

/// What the build passes over is not meant by what it builds.
#[rstest]
#[case::by_cmake(&[("CMakeLists.txt", "option(NEXT \"\" OFF)\nadd_subdirectory(use)\nadd_subdirectory(old)\nif(NEXT)\n  add_subdirectory(another)\nendif()\n")])]
#[case::by_automake(&[
    ("configure.ac", "AC_ARG_ENABLE([next], [help], [], [enable_next=no])\nAM_CONDITIONAL([NEXT], [test \"x$enable_next\" = \"xyes\"])\n"),
    ("Makefile.am", "SUBDIRS = use old\nif NEXT\nSUBDIRS += another\nendif\n"),
])]
fn folders_that_the_build_passes_over(#[case] build: &[(&str, &str)]) {
    let files = [
        ("use/rack.h", "int turn(int by);\n"),
        ("another/turn.c", "#include \"../use/rack.h\"\nint turn(int by) { return by + 1; }\nint next(void) { return turn(1); }\n"),
        ("old/turn.c", "#include \"../use/rack.h\"\nint ⟦old:turn⟧(int by) { return by; }\n"),
        ("use/use.c", "#include \"rack.h\"\nint run(void) { return «old~turn»(1); }\n"),
    ];
    check(&[build, &files].concat());
}

/// A header that only a setting includes: its macro stands in for a function.
#[rstest]
#[case::nobody_sets_it("CMakeLists.txt", "option(WITH_LOCKS \"\" OFF)\n")]
#[case::nobody_can_tell("CMakeLists.txt", "list(APPEND DEFINES WITH_LOCKS)\n")]
fn headers_that_a_setting_includes(#[case] file: &str, #[case] text: &str) {
    check(&[
        (file, text),
        ("rack.h", "#ifdef WITH_LOCKS\n#include \"locks.h\"\n#endif\n#ifdef WITH_SHELVES\nint turn(int by);\n#endif\n"),
        ("locks.h", "#define turn(by) turn_locked(by)\n"),
        ("turn.c", "#include \"rack.h\"\nint ⟦turn:turn⟧(int by) { return by; }\n"),
        ("use.c", "#include \"rack.h\"\nint run(void) { return «turn~turn»(1); }\n"),
    ]);
}

/// What a machine is asked, and what two files say differently, is not known: the longer branch is taken, as without these files.
#[rstest]
#[case::asked_of_the_machine("CMakeLists.txt", "find_package(Locks)\nif(Locks_FOUND)\n  add_definitions(-DRACK_LOCKS)\nendif()\n")]
#[case::of_a_target("CMakeLists.txt", "target_compile_definitions(rack_static PUBLIC RACK_LOCKS)\n")]
#[case::by_a_check("configure.ac", "AC_CHECK_LIB([locks], [lock], [AC_DEFINE([RACK_LOCKS], [1])], [RACK_LOCKS=no])\n")]
#[case::spoken_of("Makefile", "CFLAGS += -DRACK_LOCKS\n")]
fn settings_that_nobody_knows(#[case] file: &str, #[case] text: &str) {
    let body = BODY.replace("⟦off:turn⟧", "turn").replace("int turn(int by, int and_a_lock", "int ⟦on:turn⟧(int by, int and_a_lock");
    check(&[("other/CMakeLists.txt", "project(other)\n"), (file, text), ("turn.h", HEAD), ("turn.c", &body), ("use.c", USE_ON)]);
}
