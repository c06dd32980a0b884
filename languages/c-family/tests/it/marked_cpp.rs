//! C++.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::guesses_by_what_a_parameter_is_called(&[(
    "context.cpp",
    r#"
struct alone { int out() { return 1; } };
struct basic_parse_context { int out() { return 2; } };
struct basic_format_context { int ⟦out:out⟧() { return 3; } };
template<typename FormatContext> int run(FormatContext& ctx) { return ctx.«out?out»(); }
"#,
)])]
#[case::defaults_of_template_parameters(&[(
    "make.cpp",
    r#"
struct Later { template<class T> static int create(int a) { return a + 1; } };
struct Plain { template<class T> static int ⟦create:create⟧(int a) { return a; } };
template<typename Factory = Plain> int make(int a) { return Factory::template «create~create»<int>(a); }
int run() { return make<>(1) + make<Later>(2); }
"#,
)])]
#[case::classes(&[(
    "rack.cpp",
    r#"
namespace larder {
class ⟦base:Disc⟧ {
public:
    virtual ~Disc() = default;
    virtual int ⟦base_turn:turn⟧(int by) = 0;
    int ⟦weight:weight⟧() const { return «grams=grams_»; }
protected:
    int ⟦grams:grams_⟧ = 1;
};
class ⟦wheel:Wheel⟧ final : public «base=Disc» {
public:
    explicit ⟦made:Wheel⟧(int grams) { this->«grams=grams_» = grams; «count=count»++; }
    int ⟦turn:turn⟧(int by) override { return by + «weight=weight»(); }
    static int ⟦count:count⟧;
    static «wheel=Wheel» ⟦make:make⟧() { return «made=Wheel»(3); }
};
int «wheel=Wheel»::⟦count:count⟧ = 0;
}
int run(larder::«base=Disc» &d, larder::«wheel=Wheel» *w) {
    return d.«base_turn=turn»(1) + w->«turn=turn»(2) + w->«weight=weight»() + larder::«wheel=Wheel»::«make=make»().«turn=turn»(3);
}
"#,
)])]
#[case::namespaces(&[
    ("caves.hpp", "#pragma once\nnamespace caves { inline namespace v2 { int ⟦open:open⟧(); } namespace deep { struct ⟦Pit:Pit⟧ { int ⟦depth:depth⟧; }; } }\nnamespace short_name = caves::deep;\n"),
    (
        "use.cpp",
        r#"
#include "caves.hpp"
namespace { int ⟦hidden:hidden⟧() { return 1; } }
using caves::deep::«Pit=Pit»;
int a() { return caves::«open=open»() + «hidden=hidden»() + ::caves::v2::«open=open»(); }
int b() { using namespace caves; return «open=open»() + «Pit=Pit»{2}.«depth=depth» + short_name::«Pit=Pit»{3}.«depth=depth»; }
"#,
    ),
])]
#[case::paths_ignore_variables(&[(
    "path.cpp",
    r#"
namespace ⟦wheel:wheel⟧ { struct ⟦rim:Rim⟧ { int ⟦turn:turn⟧(); }; int ⟦count:count⟧(); }
int run(int wheel) {
    «wheel=wheel»::«rim=Rim» rim;
    auto level = «wheel=wheel»::«count=count»();
    return rim.«turn=turn»() + level + wheel;
}
"#,
)])]
#[case::what_a_call_gives(&[(
    "given.cpp",
    r#"
struct Rack { int ⟦turn:turn⟧(); };
template <class T> struct Held { T* operator->(); };
template <class T, class... Args> Held<T> make(Args&&... args);
template <class T> T&& pass(T& value);
template <class T> T take(Held<T> held);
int run(Held<Rack> held) {
    auto made = make<Rack>(1, 2);
    auto passed = pass(held);
    return made->«turn=turn»() + make<Rack>()->«turn=turn»() + passed->«turn=turn»() + take(held).«turn=turn»();
}
"#,
)])]
#[case::members_brought_in(&[(
    "brought.cpp",
    r#"
struct Base { void ⟦two:add⟧(int a, int b); int ⟦kept:kept⟧(); };
struct Other { void add(int a, int b, int c, int d); };
struct Own : Other, Base { using Base::add; void ⟦one:add⟧(int a); };
struct Hides : Base { void ⟦only:kept⟧(int a); };
void run(Own o, Hides h) { o.«one=add»(1); o.«two=add»(1, 2); h.«only=kept»(1); }
"#,
)])]
#[case::types_in_capitals(&[(
    "capitals.cpp",
    "typedef struct _RACK ⟦rack:RACK⟧;\nint turn(«rack=RACK» *rack);\n",
)])]
#[case::rows_of_objects(&[(
    "rows.cpp",
    "struct Wheel { ⟦none:Wheel⟧() {} ⟦one:Wheel⟧(int n) {} };\nvoid *rows() { return new «none=Wheel»[3]; }\nvoid *one() { return new «one=Wheel»(3); }\n",
)])]
#[case::one_function_spelled_in_two_ways(&[
    ("apply.hpp", "#pragma once\ntypedef int (*Turn)(int);\nint apply(Turn turn);\n"),
    ("apply.cpp", "#include \"apply.hpp\"\nint ⟦body:apply⟧(int (*turn)(int)) { return turn(1); }\n"),
    ("use.cpp", "#include \"apply.hpp\"\nint run(Turn turn) { return «body~apply»(turn); }\n"),
])]
#[case::two_functions_of_one_name(&[
    ("apply.hpp", "#pragma once\nint ⟦declared:apply⟧(int by);\n"),
    ("other.cpp", "int apply(long by) { return 1; }\n"),
    ("use.cpp", "#include \"apply.hpp\"\nint run() { return «declared=apply»(1); }\n"),
])]
#[case::copies(&[(
    "copies.cpp",
    "struct ⟦wheel:Wheel⟧ { ⟦none:Wheel⟧() {} int n; };\nvoid *copy(Wheel &of) { return new «wheel~Wheel»(of); }\nvoid *made() { return new «none=Wheel»(); }\n",
)])]
#[case::deleted_and_written_again(&[(
    "again.cpp",
    r#"
struct Wheel { ⟦number:Wheel⟧(int n) {} Wheel(const Wheel &) = delete; };
template <class T> int ⟦turn:turn⟧(T by) { return by; }
template int turn(int by);
extern template int turn(long by);
int run() { return «turn~turn»(2); }
void *made(long n) { return new «number~Wheel»(n); }
"#,
)])]
#[case::written_outside_their_namespace(&[
    (
        "board.hpp",
        "#pragma once\nnamespace larder { struct Pair { int n; }; Pair pair(int n); int tidy(const int *racks[2], bool (*wanted)(int)); class Board { public: class Row; static Row *row(); ~Board(); int n; }; }\n",
    ),
    (
        "board.cpp",
        r#"
#include "board.hpp"
larder::Pair
larder::⟦pair:pair⟧(int n) { return Pair{n}; }
int larder::⟦tidy:tidy⟧(const int *racks[2], bool (*wanted)(int)) { return *racks[0] + wanted(1); }
namespace larder {
class Board::⟦row:Row⟧ { public: int turn(int by); int twice() { return «turn=turn»(2); } };
int Board::«row=Row»::⟦turn:turn⟧(int by) { return by; }
Board::«row=Row» *Board::⟦get:row⟧() { static «row=Row» r; return &r; }
Board::~Board() { n = 0; }
}
int wanted() { return larder::Board::«get=row»()->«turn=turn»(1); }
"#,
    ),
    ("use.cpp", "#include \"board.hpp\"\nstatic bool all(int) { return true; }\nint use() { const int a = 1; const int *racks[2] = {&a, &a}; return larder::«pair=pair»(1).n + larder::«tidy=tidy»(racks, all); }\n"),
])]
#[case::bodies_of_functions_declared_in_c(&[
    ("shelf.h", "#ifdef __cplusplus\nextern \"C\" {\n#endif\nconst char *shelf_name(int number);\n#ifdef __cplusplus\n}\n#endif\n"),
    ("plain.c", "#include \"shelf.h\"\nconst char *plain(void) { return «name=shelf_name»(1); }\n"),
    ("shelf.cpp", "#include \"shelf.h\"\nconst char *⟦name:shelf_name⟧(int number) { return number ? \"oak\" : \"\"; }\n"),
    ("use.cpp", "#include \"shelf.h\"\nconst char *use() { return «name=shelf_name»(2); }\n"),
])]
#[case::declarations_that_a_setting_leaves_out(&[
    ("norm.hpp", "#pragma once\n#if defined HAVE_NORM\nnamespace larder { class Session; }\n#endif\n"),
    (
        "session.hpp",
        "#pragma once\n#include \"norm.hpp\"\nnamespace larder { class ⟦session:Session⟧ { public: void reset(); private: int ⟦pipe:pipe_⟧ = 1; }; }\n",
    ),
    ("session.cpp", "#include \"session.hpp\"\nvoid larder::«session=Session»::reset() { «pipe=pipe_» = 2; }\n"),
])]
#[case::parentheses_that_hold_parameters(&[(
    "parameters.cpp",
    r#"
#include <string>
template <unsigned long size> static int ⟦copy:copy⟧(char (&to)[size], const char *from) { to[0] = *from; return size; }
struct Probe {
    int ⟦n:n⟧ = 1;
    bool ⟦probe:probe⟧(bool (*fn)(const int &)) { return (*fn)(«n=n»); }
    operator std::string() const { return "probe"; }
    int ⟦after:after⟧() { return «n=n»; }
};
static bool all(const int &) { return true; }
int run(Probe &p) { char room[4]; return «copy=copy»(room, "a") + p.«probe=probe»(all) + p.«after=after»(); }
"#,
)])]
#[case::overloads(&[(
    "over.cpp",
    r#"
struct Slot { int n; };
static int ⟦int:size⟧(int n) { return n; }
static int ⟦text:size⟧(const char *t) { return t != nullptr; }
static int ⟦slot:size⟧(const Slot &s) { return s.n; }
static int ⟦two:size⟧(int a, int b = 2) { return a + b; }
struct Rack {
    int ⟦at:at⟧(int i) const { return i; }
    int ⟦at2:at⟧(int i, int j) const { return i + j; }
};
int run(const Rack &r, Slot s) {
    return «text~size»("a") + «slot~size»(s) + «two=size»(1, 2) + r.«at=at»(1) + r.«at2=at»(1, 2);
}
"#,
)])]
#[case::templates(&[(
    "holder.cpp",
    r#"
struct Wheel { int ⟦turn:turn⟧() { return 1; } };
template <typename T> class ⟦Holder:Holder⟧ {
public:
    T *⟦get:get⟧() { return &«value=value_»; }
    T &⟦star:operator*⟧() { return «value=value_»; }
private:
    T ⟦value:value_⟧;
};
template <typename T> T ⟦first:first⟧(«Holder=Holder»<T> &h) { return *h.«get=get»(); }
int run() {
    «Holder=Holder»<Wheel> h;
    auto w = «first=first»(h);
    return h.«get=get»()->«turn=turn»();
}
"#,
)])]
#[case::lambdas_and_loops(&[(
    "loops.cpp",
    r#"
struct Wheel { int ⟦age:age⟧; };
struct Rack { Wheel wheels[3]; Wheel *begin() { return wheels; } Wheel *end() { return wheels + 3; } };
int run(Rack &⟦rack:rack⟧) {
    int ⟦total:total⟧ = 0;
    auto ⟦add:add⟧ = [&«total=total»](const Wheel &⟦w:w⟧) { «total=total» += «w=w».«age=age»; };
    for (Wheel &⟦each:each⟧ : «rack=rack») «add=add»(«each=each»);
    if (int ⟦n:n⟧ = «total=total»; «n=n» > 2) return «n=n»;
    return «total=total»;
}
"#,
)])]
#[case::enums_and_aliases(&[(
    "kinds.cpp",
    r#"
enum class ⟦Kind:Kind⟧ : unsigned char { ⟦Round:Round⟧, ⟦Flat:Flat⟧ };
enum Old { ⟦OldOne:OldOne⟧ };
using ⟦Alias:Alias⟧ = «Kind=Kind»;
struct Wheel { «Kind=Kind» ⟦kind:kind⟧ = «Kind=Kind»::«Round=Round»; using ⟦Inner:Inner⟧ = Old; };
int run(const Wheel &w) {
    «Alias=Alias» a = w.«kind=kind»;
    switch (a) {
        case «Kind=Kind»::«Flat=Flat»: return «OldOne=OldOne»;
        default: return static_cast<int>(Old::«OldOne=OldOne») + sizeof(Wheel::«Inner=Inner»);
    }
}
"#,
)])]
fn names_of_cpp_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    compiles(files, &["g++", "-std=c++20", "-fsyntax-only", "-w"], &[".cpp"]);
    check(files);
}

#[rstest]
#[case::operators(&[(
    "ops.cpp",
    r#"
struct ⟦Grams:Grams⟧ {
    int ⟦n:n⟧;
    «Grams=Grams» ⟦plus:operator+⟧(const «Grams=Grams» &o) const { return {«n=n» + o.«n=n»}; }
    int ⟦index:operator[]⟧(int i) const { return «n=n» + i; }
    int operator()(int by) const { return «n=n» * by; }
    explicit operator bool() const { return «n=n» > 0; }
    friend bool operator==(const «Grams=Grams» &a, const «Grams=Grams» &b) { return a.«n=n» == b.«n=n»; }
};
int run(«Grams=Grams» a, «Grams=Grams» b) { return (a + b).«n=n» + a[1] + b(2) + (a == b) + a.operator()(3); }
"#,
)])]
#[case::kept_in_the_class(&[
    ("wheel.hpp", "#pragma once\n#include <string>\nclass ⟦Wheel:Wheel⟧ {\npublic:\n    explicit Wheel(int age);\n    int ⟦unused:turn⟧(int by) const;\n    static const int ⟦limit:limit⟧ = 4;\n    struct ⟦Rim:Rim⟧ { int ⟦width:width⟧; int ⟦unused2:wide⟧() const; };\nprivate:\n    int ⟦age:age_⟧;\n    «Rim=Rim» ⟦rim:rim_⟧{1};\n};\n"),
    (
        "wheel.cpp",
        r#"
#include "wheel.hpp"
static int ⟦helper:helper⟧(int n) { return n; }
«Wheel=Wheel»::⟦made:Wheel⟧(int age) : «age=age_»(age), «rim=rim_»{«helper=helper»(2)} {}
int «Wheel=Wheel»::⟦turn:turn⟧(int by) const { return «age=age_» + by + «rim=rim_».«wide=wide»() + «limit=limit»; }
int «Wheel=Wheel»::«Rim=Rim»::⟦wide:wide⟧() const { return «width=width»; }
"#,
    ),
    ("main.cpp", "#include \"wheel.hpp\"\nint main() { «Wheel=Wheel» w(1); «Wheel=Wheel»::«Rim=Rim» r{2}; return w.«turn=turn»(«Wheel=Wheel»::«limit=limit») + r.«wide=wide»(); }\n"),
])]
#[case::two_bases(&[(
    "bases.cpp",
    r#"
struct ⟦Salted:Salted⟧ { virtual int ⟦salt:salt⟧() const { return 1; } };
struct ⟦Aged:Aged⟧ { int ⟦age:age⟧ = 2; int ⟦older:older⟧() { return ++«age=age»; } };
struct ⟦Brie:Brie⟧ : «Salted=Salted», protected «Aged=Aged» {
    int ⟦brie_salt:salt⟧() const override { return «Salted=Salted»::«salt=salt»() + «age=age»; }
    using «Aged=Aged»::«older=older»;
};
struct ⟦Hard:Hard⟧ final : «Brie=Brie» { int run() { return «brie_salt=salt»() + «older=older»() + this->«Aged=Aged»::«age=age»; } };
int run(«Salted=Salted» *s, «Hard=Hard» &h) { return s->«salt=salt»() + h.«brie_salt=salt»() + h.«older=older»(); }
"#,
)])]
#[case::specialised(&[(
    "special.cpp",
    r#"
template <typename T, int ⟦N:N⟧ = 2> struct ⟦Rack:Rack⟧ { T ⟦slots:slots⟧[N]; static constexpr int ⟦size:size⟧ = «N=N»; };
template <typename T> using ⟦Pair:Pair⟧ = «Rack=Rack»<T, 2>;
template <typename T> concept ⟦Small:Small⟧ = sizeof(T) < 9;
template <«Small=Small» T> T ⟦pick:pick⟧(const «Rack=Rack»<T> &r) { return r.«slots=slots»[0]; }
template <typename... Ts> int ⟦many:many⟧(Ts... ts) { return (0 + ... + ts); }
int run() { «Pair=Pair»<int> p{{1, 2}}; return «pick=pick»(p) + «many=many»(1, 2, 3) + «Rack=Rack»<char, 5>::«size=size»; }
"#,
)])]
fn more_names_of_cpp(#[case] files: &[(&str, &str)]) {
    compiles(files, &["g++", "-std=c++20", "-fsyntax-only", "-w"], &[".cpp"]);
    check(files);
}

#[rstest]
#[case::bindings_and_captures(&[(
    "bind.cpp",
    r#"
struct ⟦Slot:Slot⟧ { int ⟦row:row⟧; int ⟦column:column⟧; };
static «Slot=Slot» ⟦find:find⟧(int n) { return {n, n}; }
struct Rack {
    int ⟦size:size⟧ = 1;
    int ⟦run:run⟧(int ⟦k:k⟧) {
        auto [⟦r:r⟧, ⟦c:c⟧] = «find=find»(«k=k»);
        auto f = [this, ⟦own:own⟧ = «r=r»](int ⟦x:x⟧) mutable { return «size=size» + «own=own» + «x=x» + this->«size=size»; };
        int ⟦list:list⟧[] = {«r=r», «c=c»};
        for (auto ⟦v:v⟧ : «list=list») k += «v=v»;
        try { throw k; } catch (int ⟦e:e⟧) { return «e=e» + f(1); }
        return sizeof(«list=list») / sizeof(«list=list»[0]);
    }
};
"#,
)])]
#[case::pointers_that_wrap(&[(
    "wrap.cpp",
    r#"
struct ⟦Wheel:Wheel⟧ { int ⟦age:age⟧; int ⟦turn:turn⟧() const { return «age=age»; } };
template <class T> struct ⟦Owner:Owner⟧ { T *⟦p:p⟧; T *operator->() const { return «p=p»; } T &operator*() const { return *«p=p»; } T *⟦get:get⟧() const { return «p=p»; } };
struct ⟦Rack:Rack⟧ { «Owner=Owner»<«Wheel=Wheel»> ⟦first:first⟧; «Wheel=Wheel» *⟦raw:raw⟧; «Wheel=Wheel» &⟦ref:ref⟧; };
int run(«Rack=Rack» &r, const «Owner=Owner»<«Wheel=Wheel»> &o) {
    return o->«turn=turn»() + (*o).«turn=turn»() + o.«get=get»()->«age=age» + r.«first=first»->«turn=turn»() + r.«raw=raw»->«age=age» + r.«ref=ref».«turn=turn»();
}
"#,
)])]
#[case::base_by_template(&[(
    "crtp.cpp",
    r#"
template <class D> struct ⟦Base:Base⟧ {
    int ⟦call:call⟧() { return static_cast<D *>(this)->impl(); }
    static int ⟦made:made⟧() { return 1; }
};
struct ⟦Derived:Derived⟧ : «Base=Base»<«Derived=Derived»> {
    enum class ⟦Mode:Mode⟧ { ⟦Fast:Fast⟧, ⟦Slow:Slow⟧ };
    int ⟦impl:impl⟧() { return mode == «Mode=Mode»::«Fast=Fast» ? 1 : 2; }
    «Mode=Mode» ⟦mode:mode⟧ = «Mode=Mode»::«Slow=Slow»;
    friend int ⟦peek:peek⟧(«Derived=Derived» &d) { return d.«impl=impl»(); }
};
int run(«Derived=Derived» &d) {
    d.«mode=mode» = «Derived=Derived»::«Mode=Mode»::«Fast=Fast»;
    return d.«call=call»() + d.«impl=impl»() + «Derived=Derived»::«made=made»() + «peek=peek»(d);
}
"#,
)])]
#[case::macros_of_objects_and_lines(&[(
    "objects.cpp",
    r#"
#define ⟦MADE:MADE_OBJECT⟧(x) x
#define ⟦LOCAL:LOCAL_LOCK⟧ int lock = 0; (void)lock;
struct ⟦Table:Table⟧ {
    int ⟦rows:rows⟧;
    int ⟦read:read⟧() { return (this + 1)->rows; }
};
static struct { int ⟦get:get⟧(int a) { return a; } } «MADE=MADE_OBJECT» (⟦getter:getter⟧);
int ⟦sum:sum⟧(int n) { return n; }
int run() {
    «LOCAL=LOCAL_LOCK»
    «sum=sum» (2);
    return «getter=getter».«get=get» (1);
}
"#,
)])]
#[case::names_that_macros_make(&[(
    "made.cpp",
    r#"
#define FLAG_READ(name) static inline int name##_is_set(unsigned long *at) { return *at & 1; } int __##name##_bit(int n) __attribute__((cold));
#define FLAG_FNS(bit, name) FLAG_READ(name) \
    static inline void set_##name(unsigned long *at) { *at |= 1UL << bit; } \
    struct name##_mark { int n; }; \
    static int name##_count = 3; \
    extern int name##_other;
FLAG_FNS(3, ⟦dirty:dirty⟧)
FLAG_READ(⟦clean:clean⟧) FLAG_READ(⟦idle:idle⟧)
    FLAG_READ(⟦slow:slow⟧)
int run(unsigned long *at) {
    «dirty=set_dirty»(at);
    struct «dirty=dirty_mark» m = { 1 };
    return «dirty=dirty_is_set»(at) + «clean=clean_is_set»(at) + «idle=idle_is_set»(at) + «slow=slow_is_set»(at) + «slow=__slow_bit»(1) + «dirty=dirty_count» + m.n;
}
"#,
)])]
#[case::default_arguments_at_the_declaration(&[
    ("pack.hpp", "#pragma once\nint pack(int n, int by = 2);\nint pack(const char *text);\n"),
    ("pack.cpp", "#include \"pack.hpp\"\nint ⟦pack:pack⟧(int n, int by) { return n * by; }\nint ⟦text:pack⟧(const char *text) { return *text; }\n"),
    ("use.cpp", "#include \"pack.hpp\"\nint run() { return «pack=pack»(3, 4); }\n"),
])]
#[case::standard_library(&[(
    "held.cpp",
    r#"
#include <array>
#include <map>
#include <memory>
#include <unordered_map>
#include <optional>
#include <vector>
namespace std { template <> struct hash<int *>; }
struct ⟦Wheel:Wheel⟧ { int ⟦go:go⟧(int a); };
struct ⟦Other:Other⟧ { int ⟦other_go:go⟧(int a) { return a; } };
using ⟦Wheels:Wheels⟧ = std::vector<std::unique_ptr<«Wheel=Wheel»>>;
struct ⟦Rack:Rack⟧ {
    std::unique_ptr<«Wheel=Wheel»> ⟦first:first⟧;
    std::map<int, «Wheel=Wheel»> ⟦by_size:by_size⟧;
    int ⟦all:all⟧() {
        int sum = «first=first»->«go=go»(1) + (*«first=first»).«go=go»(2) + «first=first».get()->«go=go»(3);
        for (auto &⟦kv:kv⟧ : «by_size=by_size») sum += «kv=kv».second.«go=go»(1);
        return sum + «by_size=by_size».find(3)->second.«go=go»(2) + «by_size=by_size».at(3).«go=go»(3) + «by_size=by_size»[2].«go=go»(3);
    }
};
int run(«Wheels=Wheels» &⟦v:v⟧, std::vector<«Wheel=Wheel»> &⟦w:w⟧, std::optional<«Wheel=Wheel»> ⟦o:o⟧) {
    int sum = «v=v»[0]->«go=go»(1) + «v=v».back()->«go=go»(2) + «w=w»[0].«go=go»(1) + «w=w».front().«go=go»(1) + «o=o»->«go=go»(4);
    for (const auto &⟦x:x⟧ : «v=v») sum += «x=x»->«go=go»(3);
    for (auto ⟦it:it⟧ = «v=v».begin(); «it=it» != «v=v».end(); ++«it=it») sum += (*«it=it»)->«go=go»(4);
    struct ⟦Hash:Hash⟧ { int ⟦trap:go⟧(int a) const { return a; } unsigned long operator()(int a) const { return a; } };
    std::unordered_map<int, «Wheel=Wheel», «Hash=Hash»> ⟦hashed:hashed⟧;
    std::array<«Wheel=Wheel», 3> ⟦three:three⟧;
    sum += «hashed=hashed»[1].«go=go»(1) + «hashed=hashed».begin()->second.«go=go»(1) + «three=three»[2].«go=go»(1);
    auto ⟦p:p⟧ = std::make_unique<«Wheel=Wheel»>();
    return sum + «p=p»->«go=go»(1);
}
"#,
)])]
#[case::objects_that_macros_make(&[
    (
        "bench.h",
        "struct ⟦Bench:Bench⟧ {\n    Bench(const char *name, void (*run)(int));\n    «Bench=Bench» *⟦range:range⟧(int from, int to);\n    «Bench=Bench» *⟦unit:unit⟧(int n);\n};\n#define ⟦BENCH:BENCH⟧(f) static Bench *bench_##f = (new Bench(#f, f))\n",
    ),
    (
        "turn.cpp",
        "#include \"bench.h\"\ntypedef void Run(int);\nRun turn, ⟦later:wash⟧;\nvoid ⟦turn:turn⟧(int) {}\n«BENCH=BENCH»(«turn=turn»)->«range~range»(1, 8)->«unit~unit»(2);\nvoid all() { «turn=turn»(1); «later=wash»(2); }\n",
    ),
])]
fn names_of_cpp_in_harder_places(#[case] files: &[(&str, &str)]) {
    compiles(files, &["g++", "-std=c++20", "-fsyntax-only", "-w"], &[".cpp"]);
    check(files);
}

/// A template of a library that is not here is only inferred to hold what it is given, also if it is called like a standard one.
#[rstest]
fn templates_that_are_not_here_prove_nothing() {
    check(&[(
        "held.cpp",
        "#include <absent/optional.h>\nstruct ⟦Wheel:Wheel⟧ { int ⟦go:go⟧(int a); };\nint run(absent::optional<«Wheel=Wheel»> ⟦o:o⟧) {\n    return «o=o»->«go~go»(1);\n}\n",
    )]);
}
