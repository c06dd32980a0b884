//! Rust.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::methods(&[(
    "src/lib.rs",
    r#"
use std::fmt;

pub struct ⟦Wheel:Wheel⟧ { ⟦age:age⟧: u32, pub ⟦rim:rim⟧: Rim }
pub struct ⟦Rim:Rim⟧(⟦unused:u32⟧);

pub trait ⟦Turn:Turn⟧ {
    const ⟦STEP:STEP⟧: u32;
    type Out;
    fn ⟦turn:turn⟧(&mut self, by: u32) -> Self::Out;
    fn ⟦twice:twice⟧(&mut self) { self.«turn=turn»(Self::«STEP=STEP»); }
}

impl «Wheel=Wheel» {
    pub const ⟦MAX:MAX⟧: u32 = 9;
    pub fn ⟦new:new⟧(age: u32) -> Self { Self { age, «rim=rim»: «Rim=Rim»(3) } }
    fn ⟦older:older⟧(&self) -> u32 { self.«age=age» + Self::«MAX=MAX» }
}

impl «Turn=Turn» for «Wheel=Wheel» {
    const STEP: u32 = 2;
    type Out = u32;
    fn turn(&mut self, ⟦by:by⟧: u32) -> u32 { self.«age=age» += «by=by»; self.«older=older»() }
}

impl fmt::Display for «Wheel=Wheel» {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result { write!(f, "{}", self.«age=age») }
}

pub fn run() -> u32 {
    let mut ⟦w:w⟧ = «Wheel=Wheel»::«new=new»(1);
    «w=w».«twice=twice»();
    <«Wheel=Wheel» as «Turn=Turn»>::«turn=turn»(&mut «w=w», 2) + «w=w».«older=older»()
}
"#,
)])]
#[case::patterns(&[(
    "src/lib.rs",
    r#"
pub enum ⟦Shape:Shape⟧ { ⟦Round:Round⟧ { ⟦r:r⟧: u32 }, ⟦Flat:Flat⟧(u32, u32), ⟦Empty:Empty⟧ }
use «Shape=Shape»::{«Empty=Empty», «Flat=Flat» as Even};

pub fn ⟦area:area⟧(shape: &«Shape=Shape») -> u32 {
    match shape {
        «Shape=Shape»::«Round=Round» { «r=r»: ⟦radius:radius⟧ } if *«radius=radius» > 2 => *«radius=radius»,
        «Shape=Shape»::«Round=Round» { .. } => 0,
        «Flat=Even»(⟦a:a⟧, ⟦b:b⟧) => «a=a» * «b=b»,
        «Empty=Empty» => 1,
    }
}

pub fn nested(pairs: Vec<(u32, Option<«Shape=Shape»>)>) -> u32 {
    let mut ⟦total:total⟧ = 0;
    for (⟦n:n⟧, ⟦s:s⟧) in &pairs {
        if let Some(⟦shape:shape⟧) = «s=s» { «total=total» += «area=area»(«shape=shape») + «n=n»; }
        let Some(⟦kept:kept⟧) = «s=s» else { continue };
        «total=total» += «area=area»(«kept=kept»);
    }
    let ⟦x:x⟧ = «total=total»;
    let ⟦shadow:x⟧ = «x=x» + 1;
    «shadow=x»
}
"#,
)])]
#[case::modules(&[
    (
        "src/lib.rs",
        "pub mod ⟦unused:racks⟧;\nmod inner { pub(crate) fn ⟦hidden:hidden⟧() -> u32 { super::«top=top»() } pub mod deep { pub(crate) use super::super::«top=top» as ⟦unused2:renamed⟧; } }\nfn ⟦top:top⟧() -> u32 { 1 }\npub use racks::slot::«Slot=Slot»;\npub fn use_all() -> u32 { inner::«hidden=hidden»() + inner::deep::«top=renamed»() + crate::racks::«make=make»().«n=n» + self::racks::slot::«Slot=Slot» { «n=n»: 1 }.n }\n",
    ),
    ("src/racks/mod.rs", "pub mod slot;\nuse self::slot::*;\npub fn ⟦make:make⟧() -> «Slot=Slot» { «Slot=Slot»::«empty=empty»() }\n"),
    ("src/racks/slot.rs", "pub struct ⟦Slot:Slot⟧ { pub ⟦n:n⟧: u32 }\nimpl «Slot=Slot» { pub(super) fn ⟦empty:empty⟧() -> Self { «Slot=Slot» { «n=n»: 0 } } }\n"),
])]
#[case::generics_and_closures(&[(
    "src/lib.rs",
    r#"
pub trait ⟦Salted:Salted⟧ { fn ⟦salt:salt⟧(&self) -> u32; }
pub struct ⟦Brie:Brie⟧;
impl «Salted=Salted» for «Brie=Brie» { fn salt(&self) -> u32 { 1 } }

pub struct ⟦Shelf:Shelf⟧<⟦T:T⟧> { ⟦items:items⟧: Vec<«T=T»> }
impl<⟦I:T⟧: «Salted=Salted»> «Shelf=Shelf»<«I=T»> {
    pub fn ⟦first:first⟧(&self) -> Option<&«I=T»> { self.«items=items».first() }
    pub fn ⟦sum:sum⟧(&self) -> u32 { self.«items=items».iter().map(|⟦i:i⟧| «i=i».«salt=salt»()).sum() }
}

pub fn ⟦each:each⟧<F: Fn(&«Brie=Brie») -> u32>(⟦f:f⟧: F) -> u32 { «f=f»(&«Brie=Brie») }

pub fn run(shelf: &«Shelf=Shelf»<«Brie=Brie»>) -> u32 {
    let ⟦by:by⟧ = 2;
    let ⟦add:add⟧ = |⟦b:b⟧: &«Brie=Brie»| «b=b».«salt=salt»() + «by=by»;
    «each=each»(«add=add») + shelf.«first=first»().map_or(0, |c| c.salt()) + shelf.«sum=sum»()
}
"#,
)])]
#[case::macros(&[(
    "src/lib.rs",
    r#"
macro_rules! ⟦twice:twice⟧ {
    ($e:expr) => { $e + $e };
}
macro_rules! ⟦make:make⟧ {
    ($name:ident) => { pub fn $name() -> u32 { 3 } };
}
«make=make»!(made);
fn ⟦one:one⟧() -> u32 { 1 }
pub fn run(⟦n:n⟧: u32) -> u32 { «twice=twice»!(«one=one»()) + «twice=twice»![«n=n»] }
"#,
)])]
fn names_of_rust_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    compiles(files, &["rustc", "--edition=2021", "--crate-type=lib", "--emit=metadata", "-Awarnings"], &["src/lib.rs"]);
    check(files);
}

#[rstest]
#[case::objects_and_bounds(&[(
    "src/lib.rs",
    r#"
use std::collections::HashMap;
use std::rc::Rc;

pub trait ⟦Named:Named⟧ { fn ⟦name:name⟧(&self) -> String; fn ⟦loud:loud⟧(&self) -> String { self.«name=name»() + "!" } }
pub trait ⟦Heavy:Heavy⟧: «Named=Named» { fn ⟦grams:grams⟧(&self) -> u32; }

#[derive(Clone, Default)]
pub struct ⟦Brie:Brie⟧ { ⟦weight:weight⟧: u32 }
impl «Named=Named» for «Brie=Brie» { fn name(&self) -> String { "brie".into() } }
impl «Heavy=Heavy» for «Brie=Brie» { fn grams(&self) -> u32 { self.«weight=weight» } }

pub struct ⟦Store:Store⟧ { ⟦by:by⟧: HashMap<String, Box<dyn «Heavy=Heavy»>>, ⟦shared:shared⟧: Rc<«Brie=Brie»>, ⟦list:list⟧: Vec<«Brie=Brie»> }

impl «Store=Store» {
    pub fn ⟦add:add⟧<H>(&mut self, h: H) -> &mut Self where H: «Heavy=Heavy» + 'static {
        let key = h.«name=name»();
        self.«by=by».insert(key, Box::new(h));
        self
    }
    pub fn ⟦total:total⟧(&self) -> u32 {
        let mut ⟦sum:sum⟧ = 0;
        for ⟦h:h⟧ in self.«by=by».values() { «sum=sum» += «h=h».«grams=grams»(); }
        for ⟦b:b⟧ in &self.«list=list» { «sum=sum» += «b=b».«weight=weight»; }
        «sum=sum» + self.«shared=shared».«weight=weight» + self.«list=list»[0].«grams=grams»()
    }
}

pub fn run(store: &mut «Store=Store», any: &dyn «Heavy=Heavy», some: impl «Named=Named») -> String {
    store.«add=add»(«Brie=Brie»::default()).«add=add»(«Brie=Brie» { «weight=weight»: 2 });
    any.«loud=loud»() + &some.«loud=loud»()
}
"#,
)])]
#[case::constants_and_statics(&[(
    "src/lib.rs",
    r#"
pub const ⟦SIZE:SIZE⟧: usize = 4;
static ⟦NAMES:NAMES⟧: [&str; «SIZE=SIZE»] = ["a"; «SIZE=SIZE»];
pub type ⟦Row:Row⟧<const ⟦N:N⟧: usize> = [u8; «N=N»];

#[repr(u8)]
#[derive(Clone, Copy, PartialEq)]
pub enum ⟦Level:Level⟧ { ⟦Low:Low⟧ = 1, ⟦High:High⟧ = «SIZE=SIZE» as u8 }

impl «Level=Level» {
    pub const ⟦ALL:ALL⟧: [«Level=Level»; 2] = [Self::«Low=Low», «Level=Level»::«High=High»];
    pub fn ⟦next:next⟧(self) -> Option<Self> { if self == Self::«Low=Low» { Some(Self::«High=High») } else { None } }
}

pub fn run(row: «Row=Row»<«SIZE=SIZE»>) -> usize {
    const ⟦INNER:INNER⟧: usize = «SIZE=SIZE» + 1;
    let all = «Level=Level»::«ALL=ALL»;
    let next = all[0].«next=next»();
    match next { Some(«Level=Level»::«High=High») => «NAMES=NAMES».len() + «INNER=INNER», _ => row.len() }
}
"#,
)])]
#[case::results(&[(
    "src/lib.rs",
    r#"
#[derive(Debug)]
pub enum ⟦Fault:Fault⟧ { ⟦Full:Full⟧ { ⟦at:at⟧: u32 }, ⟦Other:Other⟧(std::fmt::Error) }
impl From<std::fmt::Error> for «Fault=Fault» { fn from(e: std::fmt::Error) -> Self { Self::«Other=Other»(e) } }

pub struct ⟦Slot:Slot⟧ { pub ⟦n:n⟧: u32 }
pub struct ⟦Rack:Rack⟧ { ⟦slots:slots⟧: Vec<«Slot=Slot»> }

impl «Rack=Rack» {
    fn ⟦find:find⟧(&self, n: u32) -> Option<&«Slot=Slot»> { self.«slots=slots».iter().find(|s| s.«n=n» == n) }
    fn ⟦take:take⟧(&mut self, n: u32) -> Result<«Slot=Slot», «Fault=Fault»> {
        let at = self.«slots=slots».iter().position(|s| s.«n=n» == n).ok_or(«Fault=Fault»::«Full=Full» { «at=at»: n })?;
        Ok(self.«slots=slots».swap_remove(at))
    }
}

pub fn run(rack: &mut «Rack=Rack») -> Result<u32, «Fault=Fault»> {
    let taken = rack.«take=take»(1)?.«n=n»;
    let other = rack.«take=take»(2).unwrap().«n=n»;
    let found = rack.«find=find»(3).map(|s| s.«n=n»).unwrap_or(0);
    if let Err(«Fault=Fault»::«Full=Full» { «at=at» }) = rack.«take=take»(4) { return Ok(at); }
    Ok(taken + other + found + rack.«find=find»(5).unwrap().«n=n»)
}
"#,
)])]
fn more_names_of_rust(#[case] files: &[(&str, &str)]) {
    compiles(files, &["rustc", "--edition=2021", "--crate-type=lib", "--emit=metadata", "-Awarnings"], &["src/lib.rs"]);
    check(files);
}

#[rstest]
#[case::iterators(&[(
    "src/lib.rs",
    r#"
#[derive(Clone)]
pub struct ⟦Wheel:Wheel⟧ { pub ⟦age:age⟧: u32, pub ⟦tags:tags⟧: Vec<Tag> }
#[derive(Clone)]
pub struct ⟦Tag:Tag⟧ { pub ⟦word:word⟧: String }
impl «Wheel=Wheel» { pub fn ⟦old:old⟧(&self) -> bool { self.«age=age» > 3 } }
impl «Tag=Tag» { fn ⟦len:len⟧(&self) -> usize { self.«word=word».len() } }

pub fn run(wheels: &[«Wheel=Wheel»], by: &mut [«Wheel=Wheel»]) -> usize {
    let old: Vec<&«Wheel=Wheel»> = wheels.iter().filter(|w| w.«old=old»()).collect();
    for w in by.iter_mut() { w.«age=age» += 1; }
    for (i, w) in wheels.iter().enumerate() { if w.«age=age» as usize == i { return w.«tags=tags»[0].«len=len»(); } }
    let first = old.first().map(|w| w.«tags~tags».len());
    let best = wheels.iter().max_by_key(|w| w.«age=age»);
    if let Some(w) = best { return w.«tags=tags».iter().map(|t| t.«len=len»()).sum(); }
    first.unwrap_or_default()
}
"#,
)])]
#[case::own_wrappers(&[(
    "src/lib.rs",
    r#"
use std::ops::{Deref, Index};

pub struct ⟦Slot:Slot⟧ { pub ⟦n:n⟧: u32 }
impl «Slot=Slot» { pub fn ⟦bump:bump⟧(&mut self) -> &mut Self { self.«n=n» += 1; self } }
pub struct ⟦Guard:Guard⟧<'a>(&'a «Slot=Slot»);
impl Deref for «Guard=Guard»<'_> { type Target = «Slot=Slot»; fn deref(&self) -> &«Slot=Slot» { self.0 } }
pub struct ⟦Rack:Rack⟧ { ⟦slots:slots⟧: Vec<«Slot=Slot»> }
impl Index<usize> for «Rack=Rack» { type Output = «Slot=Slot»; fn index(&self, i: usize) -> &«Slot=Slot» { &self.«slots=slots»[i] } }
impl «Rack=Rack» {
    pub fn ⟦lock:lock_first⟧(&self) -> «Guard=Guard»<'_> { «Guard=Guard»(&self.«slots=slots»[0]) }
    pub async fn ⟦later:later⟧(&self) -> Option<u32> { Some(self.«lock=lock_first»().n) }
}
pub fn run(slot: &mut «Slot=Slot», boxed: Box<«Slot=Slot»>) -> u32 {
    slot.«bump=bump»().«bump=bump»().«n=n» + boxed.«n=n»
}
pub async fn wait(rack: &«Rack=Rack») -> u32 { rack.«later=later»().await.unwrap_or(0) }
"#,
)])]
fn names_of_rust_in_harder_places(#[case] files: &[(&str, &str)]) {
    compiles(files, &["rustc", "--edition=2021", "--crate-type=lib", "--emit=metadata", "-Awarnings"], &["src/lib.rs"]);
    check(files);
}

#[rstest]
#[case::traits_of_types_of_the_language(&[(
    "src/lib.rs",
    r#"
pub trait Find<T> { fn ⟦find:find_it⟧(&self, what: T) -> usize; fn ⟦twice:twice⟧(&self) -> usize { self.len_of() * 2 } fn ⟦len:len_of⟧(&self) -> usize; }
impl Find<u8> for &[u8] { fn find_it(&self, _: u8) -> usize { self.«twice=twice»() } fn len_of(&self) -> usize { 1 } }
impl Find<char> for str { fn find_it(&self, _: char) -> usize { self.«len=len_of»() } fn len_of(&self) -> usize { 2 } }
impl Find<bool> for u32 { fn find_it(&self, _: bool) -> usize { 3 } fn len_of(&self) -> usize { 3 } }
pub fn run(text: &str, bytes: &[u8], n: u32) -> usize { text.«find=find_it»('a') + bytes.«find=find_it»(1) + n.«find=find_it»(true) + "oak".«find=find_it»('o') }
"#,
)])]
#[case::associated_types(&[(
    "src/lib.rs",
    r#"
pub trait Source { type Token: Clone; fn ⟦next:next_token⟧(&mut self) -> Option<Self::Token>; }
#[derive(Clone)]
pub struct Token; impl Token { pub fn ⟦span:span⟧(&self) -> Span { Span(1) } }
pub struct Span(usize); impl Span { pub fn ⟦before:before⟧(&self) -> usize { self.0 } }
pub struct Slice<'t, T> { all: &'t [T] }
impl<'t, T: Clone> Source for Slice<'t, T> { type Token = &'t T; fn next_token(&mut self) -> Option<Self::Token> { self.all.first() } }
pub type Input<'t> = Slice<'t, Token>;
pub fn run(input: &mut Input<'_>) -> usize {
    let mut sum = 0;
    while let Some(token) = input.«next=next_token»() { sum += token.«span=span»().«before=before»(); }
    sum
}
"#,
)])]
#[case::results_by_paths_and_what_closures_give(&[(
    "src/lib.rs",
    r#"
use std::collections::HashMap;
use std::sync::{Arc, Mutex};
pub struct Fault; impl Fault { pub fn ⟦text:text⟧(&self) -> &str { "fault" } }
pub type Result<T = (), E = Fault> = core::result::Result<T, E>;
pub struct Tok; impl Tok { pub fn ⟦span:span⟧(&self) -> Span { Span(1) } }
pub struct Span(usize); impl Span { pub fn ⟦before:before⟧(&self) -> usize { self.0 } }
pub struct Rack { kept: Arc<Mutex<HashMap<String, Tok>>>, all: Vec<Tok> }
impl Rack {
    fn ⟦read:read⟧(&self) -> Result<Tok> { Ok(Tok) }
    fn plain(&self) -> std::result::Result<Tok, Fault> { Ok(Tok) }
    pub fn run(&self) -> Result<usize> {
        let one = self.«read=read»()?;
        one.«span=span»();
        match self.plain() { Ok(ref t) => { t.«span=span»(); } Err(why) => { why.«text=text»(); } }
        let kept = self.kept.lock().unwrap();
        let sum = kept.get("oak").map(|t| t.«span~span»()).unwrap().«before~before»();
        self.all.iter().enumerate().for_each(|(_, t)| { t.«span=span»(); });
        let held = Arc::new(Tok);
        Ok(sum + held.«span~span»().«before~before»())
    }
}
"#,
)])]
#[case::bindings_of_associated_types(&[(
    "src/lib.rs",
    r#"
pub trait ⟦Source:Source⟧ { type ⟦Out:Out⟧; fn ⟦next:next⟧(&mut self) -> Self::«Out=Out»; }
pub fn ⟦drain:drain⟧<S: «Source=Source»<«Out=Out» = u8>>(mut ⟦s:s⟧: S) -> u8 { «s=s».«next=next»() }
pub fn ⟦boxed:boxed⟧(s: Box<dyn «Source=Source»<«Out=Out» = u8>>) -> u8 { let mut ⟦held:held⟧ = s; «held=held».«next=next»() }
"#,
)])]
#[case::items_in_macro_calls(&[(
    "src/lib.rs",
    r#"
macro_rules! as_is { ($($item:item)*) => { $(#[allow(dead_code)] $item)* } }
macro_rules! with_sections { ($(#[$m:meta])* pub trait $name:ident { @section self $($rest:tt)* }) => { $(#[$m])* pub trait $name { $($rest)* } } }
as_is! {
    pub struct ⟦rack:Rack⟧ { pub ⟦wheels:wheels⟧: u32 }
    impl «rack=Rack» { pub fn ⟦turn:turn⟧(&self) -> u32 { self.«wheels=wheels» } }
    pub mod caves { pub fn ⟦open:open⟧() -> u32 { 1 } }
}
with_sections! {
    /// What turns.
    pub trait ⟦node:Node⟧ { @section self fn ⟦bound:bound⟧(&self) -> u32; }
}
impl «node=Node» for «rack=Rack» { fn bound(&self) -> u32 { self.«turn=turn»() } }
pub fn run<N: «node=Node»>(node: &N, rack: &«rack=Rack») -> u32 { node.«bound=bound»() + rack.«turn=turn»() + caves::«open=open»() }
"#,
)])]
fn names_of_rust_through_traits_and_macros(#[case] files: &[(&str, &str)]) {
    compiles(files, &["rustc", "--edition=2021", "--crate-type=lib", "--emit=metadata", "-Awarnings"], &["src/lib.rs"]);
    check(files);
}
