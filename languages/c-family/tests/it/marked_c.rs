//! C.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::members(&[(
    "rack.c",
    r#"
struct ⟦slot:slot⟧ { int ⟦wheel:wheel⟧; struct slot *⟦next:next⟧; };
typedef struct { struct «slot=slot» ⟦first:first⟧[4]; union { int ⟦low:low⟧; char ⟦bytes:bytes⟧[4]; }; struct { int ⟦n:n⟧; } ⟦inner:inner⟧; } ⟦rack:rack⟧;
static int ⟦sum:sum⟧(const «rack=rack» *⟦r:r⟧) {
    int total = «r=r»->«first=first»[0].«wheel=wheel» + r->«low=low» + r->«inner=inner».«n=n» + r->«bytes=bytes»[1];
    for (const struct «slot=slot» *⟦s:s⟧ = &r->«first=first»[1]; «s=s»; s = s->«next=next»)
        total += s->«next=next»->«wheel=wheel» + (*«s=s»).«wheel=wheel» + «s=s»[2].«wheel=wheel»;
    return total;
}
int both(«rack=rack» *a) { return «sum=sum»(a) + («sum=sum»)(a); }
"#,
)])]
#[case::initializers(&[(
    "init.c",
    r#"
enum ⟦kind:kind⟧ { ⟦ROUND:ROUND⟧ = 1, ⟦FLAT:FLAT⟧ = «ROUND=ROUND» + 1 };
struct point { int ⟦x:x⟧, ⟦y:y⟧; };
struct wheel { enum «kind=kind» ⟦what:what⟧; struct point ⟦at:at⟧; int (*⟦turn:turn⟧)(int); };
static int ⟦twice:twice⟧(int n) { return n * 2; }
static const struct wheel ⟦made:made⟧ = { .«what=what» = «FLAT=FLAT», .«at=at» = { .«x=x» = 1, .«y=y» = 2 }, .«turn=turn» = «twice=twice» };
static int table[] = { [«ROUND=ROUND»] = 3, [«FLAT=FLAT»] = 4 };
int run(void) {
    struct wheel w = { .«at=at».«y=y» = 5 };
    w = (struct wheel){ .«what=what» = «ROUND=ROUND» };
    return «made=made».«turn=turn»(w.«at=at».«x=x») + table[«made=made».«what=what»];
}
"#,
)])]
#[case::shadows(&[(
    "shadow.c",
    r#"
static int ⟦outer:n⟧ = 1;
static int ⟦f:f⟧(int ⟦param:n⟧) {
    int m = «param=n»;
    { int ⟦block:n⟧ = m; m += «block=n»; }
    for (int ⟦loop:n⟧ = 0; «loop=n» < 3; «loop=n»++) m += «loop=n»;
    return «param=n» + m;
}
int g(void) { int f = «outer=n»; extern int h(int); return f + h(«outer=n»); }
int k(void) { return «f=f»(«outer=n»); }
int ⟦label:out⟧(int n) { if (n) goto out; n = 1; out: return n; }
int both(void) { return «label=out»(2); }
"#,
)])]
#[case::macros(&[
    ("turn.h", "#ifndef TURN_H\n#define TURN_H\n#define ⟦LIMIT:LIMIT⟧ 12\n#define ⟦MAX:MAX⟧(a, b) ((a) > (b) ? (a) : (b))\n#define FIELD(p) ((p)->⟦unused:speed⟧)\nstruct wheel { int ⟦speed:speed⟧; };\nint ⟦turn:turn⟧(struct wheel *w, int by);\n#endif\n"),
    (
        "turn.c",
        r#"
#include "turn.h"
#ifdef «LIMIT=LIMIT»
static int ⟦low:low⟧(int n) { return n; }
#endif
int ⟦body:turn⟧(struct wheel *w, int by) {
    w->«speed=speed» = «MAX=MAX»(by, «LIMIT=LIMIT»);
    return «low=low»(w->«speed=speed»);
}
"#,
    ),
    ("main.c", "#include \"turn.h\"\nint main(void) { struct wheel w = { 0 }; return «body=turn»(&w, «LIMIT=LIMIT») + w.«speed=speed»; }\n"),
])]
#[case::types(&[(
    "types.c",
    r#"
typedef int ⟦grams:grams⟧;
typedef «grams=grams» (*⟦weigher:weigher⟧)(const char *);
struct ⟦tag:scale⟧ { «weigher=weigher» ⟦by:by⟧; };
typedef struct «tag=scale» ⟦scale:scale_t⟧;
static «grams=grams» heavy(const char *name) { return sizeof(«scale=scale_t») + (name != 0); }
static «scale=scale_t» ⟦global:scale⟧ = { heavy };
«grams=grams» weigh(void) {
    «scale=scale_t» local = «global=scale»;
    «weigher=weigher» f = local.«by=by»;
    return f("a") + local.«by=by»("b") + («grams=grams»)1.5 + __builtin_offsetof(struct «tag=scale», «by=by»);
}
"#,
)])]
#[case::old_and_new_functions(&[(
    "functions.c",
    r#"
static inline int ⟦half:half⟧(int n);
static int ⟦apply:apply⟧(int (*⟦f:f⟧)(int), int n) { return «f=f»(n) + (*«f=f»)(n); }
static inline int ⟦half:half⟧(int n) { return n / 2; }
static int (*⟦chosen:choose⟧(int which))(int) { return which ? «half=half» : 0; }
int run(void) { return «apply=apply»(«half=half», 4) + «chosen=choose»(1)(8) + «apply=apply»(&«half=half», 2); }
"#,
)])]
fn names_of_c_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    compiles(files, &["gcc", "-std=gnu17", "-fsyntax-only", "-w"], &[".c"]);
    check(files);
}

#[rstest]
#[case::headers_of_one_name(&[
    ("a/size.h", "#define ⟦a:SIZE⟧ 1\n"),
    ("b/size.h", "#define ⟦b:SIZE⟧ 2\n"),
    ("a/use.c", "#include \"size.h\"\nint a = «a=SIZE»;\n"),
    ("b/use.c", "#include \"size.h\"\nint b = «b=SIZE»;\n"),
])]
#[case::statics_of_one_name(&[
    ("a.c", "static int ⟦a:step⟧(void) { return 1; }\nint a(void) { return «a=step»(); }\n"),
    ("b.c", "static int ⟦b:step⟧(void) { return 2; }\nint b(void) { return «b=step»(); }\n"),
])]
#[case::through_a_chain_of_headers(&[
    ("all.h", "#include \"inner/deep.h\"\n"),
    ("inner/deep.h", "#include \"deeper.h\"\nint ⟦deep:deep⟧(void);\n"),
    ("inner/deeper.h", "enum { ⟦DEEPER:DEEPER⟧ = 7 };\n"),
    ("use.c", "#include \"all.h\"\nint use(void) { return «DEEPER=DEEPER»; }\n"),
])]
#[case::tag_and_name(&[(
    "tag.c",
    "struct ⟦tag:node⟧ { int ⟦v:v⟧; };\nstatic struct «tag=node» *⟦name:node⟧;\nint f(void) { return «name=node»->«v=v» + (int)sizeof(struct «tag=node»); }\n",
)])]
fn several_of_one_name_are_told_apart(#[case] files: &[(&str, &str)]) {
    compiles(files, &["gcc", "-std=gnu17", "-fsyntax-only", "-w"], &[".c"]);
    check(files);
}

#[rstest]
#[case::tables_of_functions(&[
    ("ops.h", "struct rack;\nstruct ⟦ops:ops⟧ { int (*⟦open:open⟧)(struct rack *); void (*⟦shut:shut⟧)(struct rack *, int); const char *⟦label:label⟧; };\nstruct ⟦rack:rack⟧ { const struct «ops=ops» *⟦by:by⟧; int ⟦count:count⟧; };\n"),
    (
        "cave.c",
        r#"
#include "ops.h"
static int ⟦cave_open:cave_open⟧(struct «rack=rack» *r) { return ++r->«count=count»; }
static void ⟦cave_shut:cave_shut⟧(struct «rack=rack» *r, int hard) { r->«count=count» -= hard; }
const struct «ops=ops» ⟦cave_ops:cave_ops⟧ = { .«open=open» = «cave_open=cave_open», .«shut=shut» = &«cave_shut=cave_shut», .«label=label» = "cave" };
static const struct «ops=ops» *⟦all:all⟧[] = { &«cave_ops=cave_ops», 0 };
int run(struct «rack=rack» *r) {
    r->«by=by» = «all=all»[0];
    if (r->«by=by»->«open=open»(r)) (*r->«by=by»->«shut=shut»)(r, 1);
    return «all=all»[0]->«label=label»[0];
}
"#,
    ),
])]
#[case::anonymous_things(&[(
    "anonymous.c",
    r#"
enum { ⟦NONE:NONE⟧, ⟦SOME:SOME⟧ = 4 };
typedef enum { ⟦WEST:WEST⟧, ⟦EAST:EAST⟧ } ⟦side:side⟧;
static struct { int ⟦x:x⟧; struct { int ⟦y:y⟧; } ⟦in:in⟧[2]; } ⟦state:state⟧;
typedef struct { «side=side» ⟦s:s⟧; union { int ⟦i:i⟧; float ⟦f:f⟧; } ⟦u:u⟧; } ⟦mixed:mixed⟧;
int run(«mixed=mixed» *m, «side=side» way) {
    «state=state».«x=x» = «SOME=SOME»;
    «state=state».«in=in»[1].«y=y» += m->«u=u».«i=i» + (int)m->«u=u».«f=f»;
    switch (way) { case «WEST=WEST»: return «NONE=NONE»; case «EAST=EAST»: break; }
    return m->«s=s» == «EAST=EAST» ? sizeof(«state=state».«in=in») : sizeof(«mixed=mixed»);
}
"#,
)])]
#[case::alternatives(&[(
    "either.c",
    r#"
#define WITH_SALT 1
#ifdef WITH_SALT
static int ⟦salted:amount⟧(void) { return 1; }
#else
static int amount(void) { return 0; }
#endif
#if 0
static int left_out(void) { return amount(); }
#elif defined(WITH_SALT)
static int ⟦taken:taken⟧(void) { return «salted=amount»(); }
#endif
int run(void) { return «salted=amount»() + «taken=taken»(); }
"#,
)])]
#[case::arguments_of_macros(&[(
    "pasted.c",
    r#"
#define ⟦each:EACH⟧(what) for (int k = 0; k < (what); k++)
#define ⟦sum:SUM⟧(a, ...) add(a, __VA_ARGS__)
#define ⟦unused:UNUSED⟧(x) ((void)(x))
static int ⟦add:add⟧(int a, int b, int c) { return a + b + c; }
static int ⟦count:count⟧ = 3;
int run(int ⟦n:n⟧) {
    «each=EACH»(«count=count») { n += k; }
    «unused=UNUSED»(«n=n»);
    return «sum=SUM»(«n=n», «count=count», 1) + «add=add»(1, 2, 3);
}
"#,
)])]
#[case::members_that_macros_stand_for(&[
    (
        "more.h",
        "#define ⟦more:MORE_FIELDS⟧ \\\n  /* further */ \\\n  int ⟦salt:salt⟧; \\\n  union { int ⟦low:low⟧; char ⟦high:high⟧; } ⟦inner:u⟧;\n",
    ),
    (
        "fields.h",
        r#"
#include "more.h"
#define ⟦common:CommonHeader⟧ struct rack *⟦next:next⟧; unsigned char ⟦tag:tag⟧; int ⟦row:row⟧[2]
#define ⟦rack_fields:RACK_FIELDS⟧ \
    int ⟦age:age⟧; \
    int (*⟦turn:turn⟧)(struct rack *); \
    «more=MORE_FIELDS»
struct ⟦rack:rack⟧ {
    «common=CommonHeader»;
    «rack_fields=RACK_FIELDS»
};
struct wheel { «common=CommonHeader»; struct «rack=rack» ⟦own:own⟧; };
"#,
    ),
    (
        "use.c",
        r#"
#include "fields.h"
int run(struct «rack=rack» *r, struct wheel *w) {
    return r->«next=next»->«age=age» + r->«salt=salt» + r->«turn=turn»(r) + r->«inner=u».«low=low» + r->«row=row»[1] + w->«tag=tag» + w->«next=next»->«salt=salt» + w->«own=own».«age=age»;
}
"#,
    ),
])]
#[case::macros_that_are_no_members(&[(
    "none.c",
    "#define STEPS int a = 1; a++;\n#define GO turn(1); turn(2);\nint ⟦turn:turn⟧(int n) { return n; }\nstruct rack { int ⟦age:age⟧; };\nint run(struct rack *r) { STEPS GO return a + r->«age=age» + «turn=turn»(3); }\n",
)])]
#[case::files_of_other_systems(&[
    ("rack-win32.h", "struct rack { int age; };\n#define LIMIT 1\n"),
    ("rack-any.h", "struct ⟦rack:rack⟧ { int ⟦age:age⟧; };\n#define ⟦limit:LIMIT⟧ 2\n"),
    ("all.h", "#ifdef _WIN32\n#include \"rack-win32.h\"\n#else\n#include \"rack-any.h\"\n#endif\n"),
    ("use.c", "#include \"all.h\"\nint run(struct «rack~rack» *r) { return r->«age~age» + «limit~LIMIT»; }\n"),
])]
#[case::whole_declarations_given_to_a_macro(&[(
    "given.c",
    r#"
#define UNUSED_OK(declaration) __attribute__((unused)) static declaration
UNUSED_OK(int turn(int by, int *of));
UNUSED_OK(int ⟦turn:turn⟧(int by, int *of)) {
    return by + *of;
}
int run(int n) { return «turn=turn»(n, &n); }
"#,
)])]
#[case::what_the_code_sets_for_other_systems(&[
    (
        "sizes.h",
        "#if defined(OLD_SMALL) && !defined(__GNUC__)\n#define IS_SMALL\n#endif\n#ifdef IS_SMALL\n/* far more text stands in this branch than in the other one */\n#define bytes_t unsigned char *\n#else\ntypedef unsigned char ⟦bytes:bytes_t⟧;\n#endif\n",
    ),
    ("use.c", "#include \"sizes.h\"\nint run(«bytes~bytes_t» *a) { return a[0]; }\n"),
])]
#[case::what_a_build_may_find_out(&[(
    "found.c",
    "#if defined(OLD_SMALL) && !defined(__GNUC__)\n#define HAVE_WIDE\n#endif\n#ifdef HAVE_WIDE\nstatic int ⟦wide:turn⟧(int a) { return a + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }\n#else\nstatic int turn(int a) { return a; }\n#endif\nint run(void) { return «wide~turn»(1); }\n",
)])]
#[case::macros_that_stand_in_for_functions(&[
    (
        "rack.h",
        "#define FUNCTION(type, name, args, attributes) attributes type name args\n#define EXPORT(number, type, name, args) FUNCTION(extern type, (name), args, )\n#define CALLED\n#define NEVER __attribute__((noreturn))\n#ifndef WITHOUT_TEXT\nEXPORT(1, int, rack_warn, (int code, const char *text));\nextern void rack_fail(int code, const char *text);\nextern int rack_depth(int code);\n#else\n#define rack_warn(code, text) ((void)(code))\n#define rack_fail(code, text) rack_end(code)\n#endif\n",
    ),
    (
        "rack.c",
        "#include \"rack.h\"\n#ifndef WITHOUT_TEXT\nFUNCTION(int, CALLED\n⟦warn:rack_warn⟧, (int code, const char *text), )\n{\n    return code + text[0];\n}\nFUNCTION(void, CALLED ⟦fail:rack_fail⟧, (int code, const char *text), NEVER)\n{\n    for (;;) «warn~rack_warn»(code, text);\n}\n#endif\n",
    ),
    ("use.c", "#include \"rack.h\"\nint run(int n) { if (n) «fail~rack_fail»(n, \"no\"); return «warn~rack_warn»(n, \"yes\"); }\n"),
])]
#[case::macros_that_write_the_labels(&[(
    "kinds.c",
    r#"#define ⟦digit:CASE_DIGIT⟧ case '0': case '1'
#define ⟦blank:CASE_BLANK⟧ case ' '
int kind(int c) {
    switch (c) {
    «digit=CASE_DIGIT»: return 1;
    «blank=CASE_BLANK»:
    default: goto OUT;
    }
⟦unused:OUT⟧:
    return 0;
}
"#,
)])]
#[case::the_other_branch_of_one_file(&[
    ("net.h", "int rack_turn(int a);\n"),
    ("net.c", "#include \"net.h\"\n#ifndef RACKS_TURN\nint ⟦turn:rack_turn⟧(int a) { return a + 1; }\n#else\nint rack_turn(int a) { return a; }\n#endif\n"),
    ("use.c", "#include \"net.h\"\nint run(void) { return «turn~rack_turn»(1); }\n"),
])]
#[case::types_announced_with_nothing_in_them(&[
    ("rack.h", "struct rack\n#ifdef FOR_THE_GUIDE\n{/* Nothing to see. */}\n#endif\n;\nint depth(const struct «rack=rack» *of);\n"),
    ("rack_inside.h", "struct ⟦rack:rack⟧ { int depth; };\n"),
    ("rack.c", "#include \"rack.h\"\n#include \"rack_inside.h\"\nint depth(const struct «rack=rack» *of) { return of->depth; }\n"),
])]
#[case::sizes_of_integers(&[(
    "sizes.c",
    "#include <limits.h>\n#include <stdint.h>\n#if UINT_MAX == 65535\ntypedef unsigned short wide_t;\n#elif UINT_MAX > 65535 && ULONG_MAX > 4294967294U\ntypedef unsigned int ⟦wide:wide_t⟧;\n#else\n#error \"no such type\"\n#endif\n#if INT_MIN < -32768 && SIZE_MAX == UINT64_MAX\n«wide=wide_t» ⟦turn:turn⟧(«wide=wide_t» by) { return by; }\n#else\nint turn(int by) { return by; }\n#endif\nint run(void) { return (int)«turn=turn»(1); }\n",
)])]
#[case::macros_that_are_defined_anew(&[(
    "anew.c",
    "#define ⟦first:MOST⟧ 1\n#define ⟦body:TWICE⟧ (MOST + MOST)\nint a(void) { return «first~MOST»; }\n#undef MOST\n#define ⟦second:MOST⟧ 2\nint b(void) { return «second~MOST» + «body=TWICE»; }\n",
)])]
#[case::constants_that_are_macros_too(&[(
    "kinds.c",
    "enum kind { SALT = 1, ⟦brine:BRINE⟧ = 2 };\n#define ⟦salt:SALT⟧ SALT\nint a(void) { return «salt~SALT» + «brine=BRINE»; }\n",
)])]
#[case::parameters_given_to_a_macro(&[(
    "unused.c",
    "#define ⟦unused:UNUSED⟧(x) x __attribute__((unused))\nstruct rack { int ⟦depth:depth⟧; };\ntypedef struct rack rack_t;\nint turn(«unused=UNUSED»(int ⟦by:by⟧), «unused=UNUSED»(rack_t *⟦of:of⟧), int (⟦more:more⟧)) { return «by=by» + «of=of»->«depth=depth» + «more=more»; }\nint run(rack_t *r) { return turn(1, r, 2); }\n",
)])]
#[case::bodies_that_one_file_asks_for(&[
    ("rack.h", "int turn(int by);\n#ifdef RACK_BODIES\nint ⟦turn:turn⟧(int by) { return by; }\n#endif\n"),
    ("bodies.c", "#define RACK_BODIES\n#include \"rack.h\"\n"),
    ("use.c", "#include \"rack.h\"\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::parts_that_one_file_includes(&[
    ("part.h", "#ifdef RACK_PART\nstatic int ⟦turn:turn⟧(int by) { return by; }\n#else\nstatic int turn(int by) { return by + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }\n#endif\n"),
    ("use.c", "#define RACK_PART\n#include \"part.h\"\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::a_variable_that_a_macro_was_called_like(&[(
    "once.c",
    "static int ⟦variable:most⟧ = 1;\nint a(void) { return «variable~most»; }\n#define most 1\n#undef most\n#define ⟦second:most⟧ 2\nint b(void) { return «second~most»; }\n",
)])]
#[case::variables_that_two_branches_declare(&[(
    "branches.c",
    "#include <stddef.h>\nstruct rack { int ⟦closed:was_closed⟧; };\nint run(struct rack *r) {\n#ifdef RACK_UPGRADE\n  struct rack *const of = r;\n#else\n  static const void *const of = NULL;\n#endif\n#ifdef RACK_UPGRADE\n  if (of->«closed?was_closed») return 1;\n#endif\n  return of != NULL && r->«closed=was_closed»;\n}\n",
)])]
#[case::macros_around_pointers(&[
    ("common.h", "#define ⟦callback:RACK_CALLBACK⟧(name) (*name)\n#define RACK_INLINE(of) static inline of\n"),
    ("rack.h", "#include \"common.h\"\nstruct rack { int depth; int «callback=RACK_CALLBACK»(⟦turn:turn⟧)(struct rack *of, int by); void *RACK_CALLBACK(⟦take:take⟧)(void); };\ntypedef int RACK_CALLBACK(⟦visit:visit_f⟧)(struct rack *of);\nint walk(struct rack *of, «visit=visit_f» visit, int RACK_CALLBACK(stop)(int));\n"),
    ("use.c", "#include \"rack.h\"\nint walk(struct rack *of, «visit=visit_f» ⟦given:visit⟧, int RACK_CALLBACK(⟦stop:stop⟧)(int)) { of->«take=take»(); return of->«turn=turn»(of, 1) + «given=visit»(of) + «stop=stop»(2); }\n"),
])]
#[case::macros_around_names_of_functions(&[(
    "paging.c",
    "struct walker { int depth; };\n#define ⟦fname:FNAME⟧(name) paging_##name\nstatic int FNAME(⟦step:step⟧)(struct walker *w, int ⟦by:by⟧)\n{\n\treturn w->depth + «by=by»;\n}\nint run(struct walker *w) { return «fname=FNAME»(«step=step»)(w, 1); }\n",
)])]
#[case::functions_behind_a_macro_with_their_type(&[
    ("common.h", "#include <stdbool.h>\n#include <stddef.h>\n#define RACK_INLINE(of) static inline of\n"),
    ("path.c", "#include \"common.h\"\n\n/* How much. */\nRACK_INLINE(size_t) ⟦common:common_prefix⟧(const char *text, size_t ⟦most:most⟧)\n{\n\tsize_t count = 0;\n\treturn count + «most=most»;\n}\nRACK_INLINE(bool) ⟦seen:is_seen⟧(\n\tbool *out,\n\tint by)\n{\n\treturn *out || by;\n}\nint run(void) { bool out; return «common=common_prefix»(\"\", 1) + «seen=is_seen»(&out, 1); }\n"),
])]
#[case::types_that_a_macro_takes_and_a_parameter_has(&[(
    "inline.c",
    "typedef unsigned long size;\n#define RACK_INLINE(of) static inline of\nRACK_INLINE(size) ⟦fill:fill⟧(const char *text, size ⟦most:most⟧)\n{\n\treturn text ? «most=most» : 0;\n}\nold(a, b) int ⟦a:a⟧; size b; { return «a=a»; }\nint run(void) { return (int)«fill=fill»(\"\", 1) + old(1, 2); }\n",
)])]
#[case::macros_for_parts_of_statements(&[(
    "parts.c",
    "enum { ⟦first:FIRST⟧, ⟦second:SECOND⟧ };\nstruct scan { int ⟦at:at⟧; };\n#define ⟦begin:BEGIN⟧ s->at = 1 +\n#define ⟦setup:SETUP⟧\n#define ⟦show:SHOW⟧ do { s->at++; } while (0)\n#define ⟦word:WORD⟧ unsigned int\nvoid run(struct scan *s) { «word=WORD» ⟦count:count⟧ = 1; «begin=BEGIN» «first=FIRST»; «begin=BEGIN» «second=SECOND»; «setup=SETUP» «show=SHOW»; s->«at=at» = «count=count»; }\n",
)])]
#[case::macros_for_heads_of_functions(&[(
    "scan.c",
    "struct rack { int ⟦depth:depth⟧; };\nstatic int turn(int by) { return by; }\n#define ⟦head:RACK_DECL⟧ int rack_scan(int ⟦by:by⟧, struct rack *⟦of:of⟧)\nint rack_scan(int, struct rack *);\n\n«head=RACK_DECL»\n{\n\tint left = «by=by»;\n\tturn(«by=by» );\n\treturn left + «of=of»->«depth=depth»;\n}\n",
)])]
#[case::macros_for_other_names(&[(
    "names.c",
    "#define ⟦errors:errors⟧ rack_errors\n#define again rack_again\n#undef again\n#ifdef RACK_SHORT\n#define maybe rack_maybe\n#endif\n#define ADD(⟦given:errors⟧) ((«given=errors») + 1)\nint run(int ⟦maybe:maybe⟧) { int errors = 0; int ⟦again:again⟧ = 1; «errors=errors»++; return «errors=errors» + «again=again» + «maybe=maybe» + ADD(1); }\n",
)])]
#[case::macros_for_names_of_types(&[(
    "tags.c",
    "struct ⟦rack:rack⟧ { int depth; };\nstruct shelf { int depth; };\n#define ⟦shelf:shelf⟧ rack\nint run(struct «shelf~shelf» *of, struct «rack=rack» *r) { return of->depth + r->depth; }\n",
)])]
#[case::pointers_given_to_macros(&[(
    "calls.c",
    "#define ⟦turn_f:TURN_FUNCTION⟧(name) int name(int by)\nstruct rack { int depth; «turn_f=TURN_FUNCTION»((*⟦turn:turn⟧)); «turn_f=TURN_FUNCTION»((*⟦back:back⟧)); };\n#define BACK(of, by) of->«back?back»(by)\nint run(struct rack *r) { return r->«turn=turn»(1) + BACK(r, 2); }\n",
)])]
#[case::arrays_of_one(&[(
    "one.c",
    "struct rack { int ⟦depth:depth⟧; struct rack *⟦next:next⟧; };\ntypedef struct rack rack_t[1];\nint run(void) { struct rack of[1]; of->«depth~depth» = 1; of->«next~next»->«depth=depth» = 2; return of[0].«depth=depth»; }\n",
)])]
#[case::a_macro_in_its_own_body(&[(
    "own.c",
    "struct rack { int ⟦depth:depth⟧; struct rack *top; };\n#define ⟦macro:depth⟧ r->top->«depth?depth»\nint run(struct rack *r) { return «macro=depth»; }\n",
)])]
#[case::texts_in_a_row(&[(
    "texts.c",
    "#define ⟦a:STR_a⟧ \"a\"\n#define ⟦b:STR_b⟧ \"b\"\n#define ⟦ab:STRING_ab⟧ «a=STR_a» «b=STR_b» \"\\0\"\n#define ⟦ba:STRING_ba⟧ «b=STR_b» «a=STR_a» «b=STR_b» \"\\0\"\nconst char *run(int n) { return n ? «ab=STRING_ab» : «ba=STRING_ba» «a=STR_a»; }\n",
)])]
#[case::loops_that_declare(&[
    (
        "list.h",
        "struct rack { struct rack *⟦next:next⟧; char *⟦key:key⟧; };\n#define ⟦each:each_of⟧(list, word, one) \\\n  char *word = 0; \\\n  struct rack *one = 0; \\\n  for (one = (list); one; one = one->next, word = one->key)\n",
    ),
    (
        "run.c",
        "#include \"list.h\"\nint run(struct rack *all) {\n  «each=each_of»(all, ⟦word:word⟧, ⟦rack:rack⟧) {\n    if («word=word») return 1;\n    «rack=rack»->«next?next» = 0;\n  }\n  return 0;\n}\n",
    ),
])]
#[case::pointers_that_a_setting_makes_macros(&[
    ("give.h", "typedef void (*give_t)(void *);\n#if defined(OLD_SMALL) && !defined(__GNUC__)\n#define WITH_LOCKS\n#endif\n#ifdef WITH_LOCKS\ngive_t *give_back_of(void);\n#define give_back (*(give_back_of()))\n#else\nextern give_t give_back;\n#endif\n"),
    ("give.c", "#include \"give.h\"\nstatic void nothing(void *a) { (void)a; }\ngive_t ⟦give:give_back⟧ = nothing;\n"),
    ("use.c", "#include \"give.h\"\nvoid run(void *a) { «give~give_back»(a); }\n"),
])]
#[case::sizes_that_a_build_asks_for(&[(
    "sizes.c",
    "#ifndef SIZEOF_INT\n#define IS_GUESSED\n#endif\n#if SIZEOF_INT == 4 && SIZEOF_SIZE_T == SIZEOF_LONG\nstatic int ⟦turn:turn⟧(int a) { return a; }\n#else\nstatic int turn(int a) { return a + 1 + 1 + 1 + 1 + 1; }\n#endif\nint run(void) { return «turn=turn»(1); }\n",
)])]
fn more_names_of_c(#[case] files: &[(&str, &str)]) {
    compiles(files, &["gcc", "-std=gnu17", "-fsyntax-only", "-w"], &[".c"]);
    check(files);
}

/// No compiler is asked: it would have to be given what the build makes of them.
#[rstest]
#[case::headers_that_the_build_makes(&[
    ("scripts/larder_conf.h.prebuilt", "#define ⟦warnings:LARDER_WARNINGS⟧\n#define ⟦most:MOST_RACKS⟧ 12\n"),
    ("config.h.in", "#undef HAVE_RACKS\n#cmakedefine HAVE_SHELVES\n#define ⟦version:VERSION⟧ \"@VERSION@\"\n"),
    ("warn.h", "#include \"larder_conf.h\"\n#ifdef LARDER_WARNINGS\nvoid warn(int a);\n#else\n#define warn(a) ((void)(a))\n#endif\n"),
    ("warn.c", "#include \"warn.h\"\n#ifdef LARDER_WARNINGS\nvoid ⟦warn:warn⟧(int a) { (void)a; }\n#endif\n"),
    ("tests/arithmetic.c", "void warn(int a) { (void)a; }\nint main(void) { return 0; }\n"),
    ("run.c", "#include \"config.h\"\n#include \"warn.h\"\nint run(void) { «warn~warn»(«most=MOST_RACKS»); return sizeof(«version=VERSION»); }\n"),
])]
#[case::settings_that_only_the_build_knows(&[
    ("settings.h.in", "#if @WITH_LOCKS@\n#define WITH_LOCKS\n#endif\n"),
    ("give.h", "#include \"settings.h\"\n#include \"given.h\"\ntypedef void (*give_t)(void *);\n#ifdef WITH_LOCKS\ngive_t *give_back_of(void);\n#define give_back (*(give_back_of()))\n#else\nGIVEN give_t give_back;\n#endif\n"),
    ("given.h", "#define GIVEN extern\n"),
    ("give.c", "#include \"give.h\"\n#undef give_back\nstatic void nothing(void *a) { (void)a; }\ngive_t ⟦give:give_back⟧ = nothing;\n"),
    ("use.c", "#include \"give.h\"\ngive_t run(void) { return «give~give_back»; }\n"),
])]
#[case::headers_that_may_include_any_other(&[
    ("rack.h.cmakein", "#include \"turn.h\"\n"),
    ("turn.h", "static inline int ⟦turn:turn⟧(int a) { return a; }\n"),
    ("shelf.h", "static inline int ⟦shelf:shelf⟧(int a) { return a; }\n"),
    ("run.c", "#include \"rack.h\"\n#include \"made.h\"\nint run(void) { return «turn=turn»(«shelf~shelf»(1)); }\n"),
    ("closed.c", "#include \"turn.h\"\nint shut(void) { return «turn=turn»(«x!shelf»(1)); }\n"),
])]
#[case::bodies_that_a_setting_leaves_out(&[
    ("turn.h", "int turn(int by);\n"),
    ("turn_posix.c", "#include \"turn.h\"\n#ifdef WITH_NO_SUCH_TIMER\nint ⟦turn:turn⟧(int by) { return by; }\n#endif\n"),
    ("turn_windows.c", "#include \"turn.h\"\nint turn(int by) { return by + 1; }\n"),
    ("use.c", "#include \"turn.h\"\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::headers_that_are_there_as_they_were_made(&[
    ("settings.h.in", "#if @WITH_LOCKS@\n#define WITH_LOCKS\n#endif\n"),
    ("settings.h", "#if 0\n#define WITH_LOCKS\n#endif\n"),
    ("turn.c", "#include \"settings.h\"\n#ifdef WITH_LOCKS\nstatic int turn(int a) { return a + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }\n#else\nstatic int ⟦turn:turn⟧(int a) { return a; }\n#endif\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::what_one_file_sets_for_itself(&[
    ("rack.h", "#ifdef WITH_LOCKS\nstatic int turn(int a) { return a + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }\n#else\nstatic int ⟦turn:turn⟧(int a) { return a; }\n#endif\n"),
    ("locks.c", "#define WITH_LOCKS\n#include \"rack.h\"\n"),
    ("use.c", "#include \"rack.h\"\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::what_files_of_another_system_set(&[
    ("w32/rack_config.h", "#define RACK_LOCKS 1\n"),
    ("rack.h", "#ifdef RACK_LOCKS\nstatic int turn(int a) { return a + 1; }\n#else\nstatic int ⟦turn:turn⟧(int a) { return a; }\n#endif\n"),
    ("use.c", "#include \"rack.h\"\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::settings_called_after_another_system(&[
    ("rack.h", "#ifdef RACK_USE_W32_LOCKS\nstatic int turn(int a) { return a + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1 + 1; }\n#else\nstatic int ⟦turn:turn⟧(int a) { return a; }\n#endif\n"),
    ("use.c", "#include \"rack.h\"\nint run(void) { return «turn~turn»(1); }\n"),
])]
#[case::a_macro_by_a_setting_that_nobody_makes(&[
    ("give.h", "#ifdef WITH_NO_SUCH_LOCKS\nint *give_back_of(void);\n#define give_back (*(give_back_of()))\n#else\nextern int give_back;\n#endif\n"),
    ("give.c", "#include \"give.h\"\nint ⟦give:give_back⟧ = 1;\n"),
    ("use.c", "#include \"give.h\"\nint run(void) { return «give~give_back»; }\n"),
])]
fn what_the_build_makes_is_read_where_it_is_made_of(#[case] files: &[(&str, &str)]) {
    check(files);
}
