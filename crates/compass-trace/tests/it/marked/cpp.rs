//! C++.

use super::{check, compiles};
use rstest::rstest;

#[rstest]
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
