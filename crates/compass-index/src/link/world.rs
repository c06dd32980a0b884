//! Everything the linker knows before it begins: files, interned names, bindings by scope, definitions by name.

/// The name under which a change of a file's imports counts, for rules that follow the imports of other files.
pub const IMPORTS: &str = "<imports>";

mod choices;
pub(super) mod lazy_facts;
pub(super) mod loaded_facts;
pub(super) mod modules;
pub(super) mod packages;
mod tables;

use crate::identity::Numbers;
use crate::link::reuse::dependency_log::DependencyLog;
use crate::link::world::lazy_facts::LazyFacts;
use crate::link::world::loaded_facts::LoadedFacts;
use crate::link::world::tables::ByName;
use crate::{FileId, SymbolId, SymbolNo, UnitRow};
use compass_facts::{Cancel, DefId, Definition, Facts, Flags, ImportId, Kind, Language, NameId, ScopeId, TypeId};
use rustc_hash::{FxHashMap, FxHashSet};

pub use choices::{choices, choices_by, is_feature};
pub use tables::{Made, Table, is_member, made_of};

/// A file to link.
pub struct FileInput {
    /// What the file is called in the store.
    pub id: FileId,
    /// Position of its root.
    pub root: u32,
    /// Its path, relative to the root.
    pub path: String,
    /// Its language.
    pub language: Language,
    /// Its size.
    pub bytes: u64,
    /// Hash of the content the facts are of.
    pub hash: u64,
    /// Its facts.
    pub facts: LoadedFacts,
    /// Numbers of its symbols.
    pub numbers: Numbers,
    /// Are the facts whole, or their outer part alone?
    pub whole: bool,
    /// Is it one of the declarations of a standard library?
    pub declared: bool,
}

/// A name of the whole code base.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct GlobalNameId(pub u32);

/// A definition of the whole code base: position of its file, and its place there.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct DefRef {
    /// The file, by position.
    pub file: u32,
    /// The definition in it.
    pub def: DefId,
}

/// What a scope binds a name to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub enum Binding {
    /// A definition.
    Def(DefId),
    /// An import.
    Import(ImportId),
}

/// The first eight bytes of a name; numbers sort as the beginnings do.
fn first_letters(name: &str) -> u64 {
    let mut bytes = [0; 8];
    let length = name.len().min(8);
    bytes[..length].copy_from_slice(&name.as_bytes()[..length]);
    u64::from_be_bytes(bytes)
}

/// The names of some files, numbered among themselves.
struct Interned<'w> {
    names: Vec<&'w str>,
    files: Vec<Vec<GlobalNameId>>,
}

impl<'w> Interned<'w> {
    fn of(files: &'w [FileInput], cancel: &Cancel) -> Interned<'w> {
        let mut out = Interned { names: Vec::new(), files: Vec::with_capacity(files.len()) };
        let mut known: FxHashMap<&'w str, GlobalNameId> = FxHashMap::default();
        for file in files {
            if cancel.is_cancelled() {
                break;
            }
            let gids = file.facts.names.iter().map(|name| {
                *known.entry(name).or_insert_with(|| {
                    out.names.push(name);
                    GlobalNameId(out.names.len() as u32 - 1)
                })
            });
            out.files.push(gids.collect());
        }
        out
    }
}

/// The file at which about half of all names are over; few files have no middle.
fn middle(files: &[FileInput]) -> usize {
    const FEW: usize = 8;
    let all: usize = files.iter().map(|f| f.facts.names.len()).sum();
    let mut before = 0;
    // The later half also has its different names looked up again: it gets a little less.
    let at = files.iter().position(|f| {
        before += f.facts.names.len();
        before * 100 >= all * 55
    });
    if files.len() < FEW { files.len() } else { at.unwrap_or(files.len()) }
}

/// What all threads share. See the module.
pub struct GlobalIndex<'w> {
    pub files: &'w [FileInput],
    pub units: &'w [UnitRow],
    names: Vec<&'w str>,
    interned: FxHashMap<&'w str, GlobalNameId>,
    gids: Vec<Vec<GlobalNameId>>,
    tables: Vec<Table>,
    outer: ByName,
    members: ByName,
    /// Tables and columns: named, but never meant by a name of the program alone.
    apart: Vec<(GlobalNameId, DefRef)>,
    /// Macros that choose between two branches of a file: bytes in the branch with it, and in the one without.
    choices: FxHashMap<GlobalNameId, (u64, u64)>,
    pub by_path: FxHashMap<(u32, &'w str), u32>,
    pub build: &'w crate::plan::BuildSettings,
    /// Macros that the build defines.
    pub defined: FxHashSet<GlobalNameId>,
    /// Options of the build: are they on as long as nobody sets them?
    pub options: FxHashMap<GlobalNameId, bool>,
    /// What files of the build speak of; none where nobody has read any.
    pub spoken_of: Option<FxHashSet<GlobalNameId>>,
    /// Where facts come from when they are asked for; without one all are here.
    pub(super) lazy_facts: Option<&'w LazyFacts>,
}

impl<'w> GlobalIndex<'w> {
    /// All there is to know of some files. With a lazy fact store, what is needed of them is taken from it.
    pub(crate) fn new(
        files: &'w [FileInput],
        units: &'w [UnitRow],
        build: &'w crate::plan::BuildSettings,
        lazy_facts: Option<&'w LazyFacts>,
        cancel: &Cancel,
    ) -> Self {
        let mut world = GlobalIndex {
            files,
            units,
            names: Vec::new(),
            interned: FxHashMap::default(),
            gids: Vec::with_capacity(files.len()),
            tables: Vec::with_capacity(files.len()),
            outer: ByName::default(),
            members: ByName::default(),
            apart: Vec::new(),
            choices: FxHashMap::default(),
            by_path: FxHashMap::with_capacity_and_hasher(files.len(), Default::default()),
            build,
            defined: FxHashSet::default(),
            options: FxHashMap::default(),
            spoken_of: None,
            lazy_facts,
        };
        for name in &build.defines {
            let gid = world.intern(name);
            world.defined.insert(gid);
        }
        for (name, on) in &build.options {
            let gid = world.intern(name);
            world.options.insert(gid, *on);
        }
        world.spoken_of = build.spoken_of.as_ref().map(|names| names.iter().map(|name| world.intern(name)).collect());
        for word in ["", "=", "default", "constructor"].iter().chain(crate::link::rules::all().flat_map(|r| r.words())) {
            world.intern(word);
        }
        world.by_path.extend(files.iter().enumerate().map(|(index, file)| ((file.root, file.path.as_str()), index as u32)));
        if lazy_facts.is_none() {
            world.take_in_all(cancel);
        }
        world
    }

    /// Numbers the names and sorts the bindings of all files.
    fn take_in_all(&mut self, cancel: &Cancel) {
        self.intern_all(cancel);
        if cancel.is_cancelled() {
            return;
        }
        for index in 0..self.files.len() {
            self.add_choices(index as u32);
        }
        for made in self.made_on_threads() {
            self.tables.push(made.table);
            self.outer.found.extend(made.outer);
            self.members.found.extend(made.members);
            self.apart.extend(made.apart);
        }
        let names = self.names.len();
        self.outer.finish(names);
        self.members.finish(names);
    }

    /// Numbers the names of all files in the order in which they first occur.
    ///
    /// The later files are numbered beside the others, as if nothing stood before them; then only their different names
    /// are looked up again. So the numbers are those that one thread would give.
    fn intern_all(&mut self, cancel: &Cancel) {
        let files = self.files;
        let half = middle(files);
        std::thread::scope(|scope| {
            let later = (half < files.len()).then(|| scope.spawn(|| Interned::of(&files[half..], cancel)));
            for file in files[..half].iter() {
                if cancel.is_cancelled() {
                    return;
                }
                let gids = file.facts.names.iter().map(|n| self.intern(n)).collect();
                self.gids.push(gids);
            }
            let Some(later) = later else { return };
            let later = later.join().unwrap_or_else(|e| std::panic::resume_unwind(e));
            let numbers: Vec<GlobalNameId> = later.names.iter().map(|n| self.intern(n)).collect();
            self.gids.extend(later.files.into_iter().map(|gids| gids.into_iter().map(|g| numbers[g.0 as usize]).collect()));
        });
    }

    /// The tables of all files, in order.
    fn made_on_threads(&self) -> Vec<Made> {
        let threads = std::thread::available_parallelism().map_or(1, |n| n.get());
        let part = self.files.len().div_ceil(threads).max(1);
        let make = |start: usize| (start..(start + part).min(self.files.len())).map(|i| self.made(i as u32)).collect::<Vec<_>>();
        std::thread::scope(|scope| {
            let handles: Vec<_> = (0..self.files.len()).step_by(part).map(|start| scope.spawn(move || make(start))).collect();
            handles.into_iter().flat_map(|h| h.join().unwrap_or_else(|e| std::panic::resume_unwind(e))).collect()
        })
    }

    /// Every definition with its name, sorted by name.
    pub fn sorted_names(&self) -> Vec<(GlobalNameId, DefRef)> {
        // Most names differ in their first letters: those stand beside the number, so that few names are looked at.
        let mut order: Vec<(u64, u32)> = self.names.iter().enumerate().map(|(i, n)| (first_letters(n), i as u32)).collect();
        order.sort_unstable_by(|a, b| a.0.cmp(&b.0).then_with(|| self.names[a.1 as usize].cmp(self.names[b.1 as usize])));
        let mut out = Vec::with_capacity(self.outer.syms.len() + self.members.syms.len() + self.apart.len());
        let mut apart: FxHashMap<GlobalNameId, Vec<DefRef>> = FxHashMap::default();
        self.apart.iter().for_each(|(gid, sym)| apart.entry(*gid).or_default().push(*sym));
        for gid in order.into_iter().map(|o| GlobalNameId(o.1)) {
            let from = out.len();
            out.extend(self.outer.find(gid).iter().chain(self.members.find(gid)).map(|s| (gid, *s)));
            out.extend(apart.get(&gid).into_iter().flatten().map(|s| (gid, *s)));
            out[from..].sort_unstable_by_key(|(_, s)| (self.files[s.file as usize].id, self.files[s.file as usize].numbers.number(s.def)));
        }
        out
    }

    /// The definitions of some files with their names, in the same order.
    pub fn names_of(&'w self, files: &FxHashSet<usize>) -> Vec<(GlobalNameId, DefRef)> {
        let made = files.iter().map(|i| self.made(*i as u32));
        let mut out: Vec<(GlobalNameId, DefRef)> = made.flat_map(|m| m.outer.into_iter().chain(m.members).chain(m.apart)).collect();
        out.sort_by_cached_key(|(gid, s)| (self.name(*gid), self.symbol(*s)));
        out
    }

    fn add_choices(&mut self, index: u32) {
        let here = choices_by(&self.files[index as usize].facts);
        for (name, (with, without)) in here {
            let entry = self.choices.entry(self.gids[index as usize][name.index()]).or_default();
            *entry = (entry.0 + with, entry.1 + without);
        }
    }

    /// Is a macro that nothing defines likely set by the build: what stands under it is the real thing, what stands in its place a stub?
    pub fn is_feature(&self, name: GlobalNameId) -> bool {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.is_feature(self.files, name),
            None => self.choices.get(&name).is_some_and(|bytes| is_feature(self.names[name.0 as usize], *bytes)),
        }
    }

    fn intern(&mut self, name: &'w str) -> GlobalNameId {
        if let Some(lazy_facts) = self.lazy_facts {
            return lazy_facts.intern(name);
        }
        let next = GlobalNameId(self.names.len() as u32);
        *self.interned.entry(name).or_insert_with(|| {
            self.names.push(name);
            next
        })
    }

    /// See [`made_of`].
    fn made(&self, index: u32) -> Made {
        made_of(self.facts(index), self.gids(index), self.files[index as usize].language, index)
    }

    /// The number of a name, if anybody mentions it.
    pub fn find_gid(&self, name: &str) -> Option<GlobalNameId> {
        match self.lazy_facts {
            Some(lazy_facts) => Some(lazy_facts.intern(name)),
            None => self.interned.get(name).copied(),
        }
    }

    /// The facts that are kept of a file: whole ones are [`BatchView`].
    pub fn facts(&self, file: u32) -> &'w Facts {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.facts(self.files, file),
            None => &self.files[file as usize].facts,
        }
    }

    fn gids(&self, file: u32) -> &[GlobalNameId] {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.gids(self.files, file),
            None => &self.gids[file as usize],
        }
    }

    fn table(&self, file: u32) -> &Table {
        match self.lazy_facts {
            Some(lazy_facts) => &lazy_facts.made(self.files, file).table,
            None => &self.tables[file as usize],
        }
    }

    fn outer(&self, name: GlobalNameId) -> &[DefRef] {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.outer(self.files, name),
            None => self.outer.find(name),
        }
    }

    fn members(&self, name: GlobalNameId) -> &[DefRef] {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.members(self.files, name),
            None => self.members.find(name),
        }
    }

    /// Are facts loaded when they are asked for?
    pub fn is_lazy(&self) -> bool {
        self.lazy_facts.is_some()
    }

    /// Which files each file includes itself, as far as the store knows: pairs of positions, the including one first.
    pub fn stored_includes(&self) -> Vec<(u32, u32)> {
        self.lazy_facts.map(|s| s.includes(self.files)).unwrap_or_default()
    }

    /// Are the facts of a file at hand, where others are loaded when they are asked for?
    pub fn is_at_hand(&self, file: u32) -> bool {
        self.lazy_facts.is_none_or(|s| s.is_given(file))
    }

    /// Keeps for the next run what files include.
    pub fn keep_includes(&self, pairs: Vec<(u32, u32)>) {
        if let Some(lazy_facts) = self.lazy_facts {
            lazy_facts.note_includes(pairs);
        }
    }

    /// What a definition is called in the store.
    pub fn symbol(&self, sym: DefRef) -> SymbolId {
        SymbolId { file: self.files[sym.file as usize].id, number: self.number(sym.file, sym.def) }
    }

    /// The number of a definition within its file.
    pub fn number(&self, file: u32, def: DefId) -> SymbolNo {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.numbers(self.files, file).number(def),
            None => self.files[file as usize].numbers.number(def),
        }
    }

    pub fn name(&self, gid: GlobalNameId) -> &'w str {
        match self.lazy_facts {
            Some(lazy_facts) => lazy_facts.name(gid),
            None => self.names[gid.0 as usize],
        }
    }
}

/// The whole facts of the files a thread is linking, where of others only the outer part is kept.
pub struct BatchView<'w> {
    /// The first of the files, which stand side by side.
    first: u32,
    /// By file from the first on; none where nothing was loaded.
    facts: Vec<Option<(&'w Facts, Vec<GlobalNameId>)>>,
    /// Names that only these files mention.
    further: Vec<&'w str>,
}

impl<'w> BatchView<'w> {
    pub fn new(base: &GlobalIndex<'w>, loaded: &'w [(u32, Facts)]) -> BatchView<'w> {
        let first = loaded.first().map_or(0, |l| l.0);
        let mut here = BatchView { first, facts: Vec::new(), further: Vec::new() };
        let mut known: FxHashMap<&'w str, GlobalNameId> = FxHashMap::default();
        for (file, facts) in loaded {
            let mut gids = base.gids(*file).to_vec();
            let outer = gids.len();
            gids.extend(facts.names.iter().skip(outer).map(|name| match base.find_gid(name) {
                Some(gid) => gid,
                None => *known.entry(name).or_insert_with(|| {
                    here.further.push(name);
                    GlobalNameId((base.names.len() + here.further.len() - 1) as u32)
                }),
            }));
            here.facts.resize_with((file - first) as usize, || None);
            here.facts.push(Some((facts, gids)));
        }
        here
    }

    #[inline]
    fn find(&self, file: u32) -> Option<&(&'w Facts, Vec<GlobalNameId>)> {
        self.facts.get(file.wrapping_sub(self.first) as usize)?.as_ref()
    }
}

/// What a linking thread sees: what all share, and the whole facts of the files at hand.
pub struct World<'w> {
    /// What all threads share.
    pub base: &'w GlobalIndex<'w>,
    /// The whole facts of the files at hand.
    pub here: Option<&'w BatchView<'w>>,
    /// The names looked up by whoever looks through this.
    pub dependency_log: DependencyLog,
}

impl<'w> std::ops::Deref for World<'w> {
    type Target = GlobalIndex<'w>;

    fn deref(&self) -> &GlobalIndex<'w> {
        self.base
    }
}

impl<'w> World<'w> {
    /// A view for one thread.
    pub fn new(base: &'w GlobalIndex<'w>, here: Option<&'w BatchView<'w>>) -> World<'w> {
        World { base, here, dependency_log: DependencyLog::default() }
    }

    /// What a scope binds a name to, in order of definition.
    pub fn bindings(&self, file: u32, scope: ScopeId, name: GlobalNameId) -> impl Iterator<Item = Binding> + use<'w> {
        self.dependency_log.note(name);
        self.base.table(file).find(scope, name)
    }

    /// What a file exports under a name.
    pub fn export(&self, file: u32, name: GlobalNameId) -> Option<TypeId> {
        self.dependency_log.note(name);
        self.base.table(file).find_export(name)
    }

    /// Does a file export anything by a statement of its own?
    pub fn has_exports(&self, file: u32) -> bool {
        self.base.table(file).has_exports()
    }

    /// Scopes that bring in all names of a module.
    pub fn globs(&self, file: u32) -> &'w [(ScopeId, ImportId)] {
        &self.base.table(file).globs
    }

    /// See [`Table::anchor`].
    pub fn anchor(&self, file: u32, scope: ScopeId) -> ScopeId {
        self.base.table(file).anchor(scope)
    }

    /// The facts of a file.
    pub fn facts(&self, file: u32) -> &'w Facts {
        match self.here.and_then(|h| h.find(file)) {
            Some((facts, _)) => facts,
            None => self.base.facts(file),
        }
    }

    /// The language of a file.
    pub fn language(&self, file: u32) -> Language {
        self.base.files[file as usize].language
    }

    /// A definition.
    pub fn def(&self, sym: DefRef) -> &'w Definition {
        self.facts(sym.file).def(sym.def)
    }

    /// The number of a name of a file.
    pub fn gid(&self, file: u32, name: NameId) -> GlobalNameId {
        match self.here.and_then(|h| h.find(file)) {
            Some((_, gids)) => gids[name.index()],
            None => self.base.gids(file)[name.index()],
        }
    }

    /// The name of a number.
    pub fn name(&self, gid: GlobalNameId) -> &'w str {
        if self.base.lazy_facts.is_some() {
            return self.base.name(gid);
        }
        let further = (gid.0 as usize).checked_sub(self.base.names.len()).and_then(|i| self.here.and_then(|h| h.further.get(i)));
        further.copied().unwrap_or_else(|| self.base.names[gid.0 as usize])
    }

    /// Every definition of that name that other files may know, members of types left out.
    pub fn named(&self, name: GlobalNameId) -> &'w [DefRef] {
        self.dependency_log.note(name);
        self.base.outer(name)
    }

    /// Notes that a result hangs on what other files import: rules that go on from file to file call it, and name [`IMPORTS`] among their
    /// words.
    pub fn note_imports(&self) {
        if let Some(name) = self.find_gid(IMPORTS) {
            self.dependency_log.note(name);
        }
    }

    /// Every member of that name of any type.
    pub fn named_members(&self, name: GlobalNameId) -> &'w [DefRef] {
        self.dependency_log.note(name);
        self.base.members(name)
    }

    /// Every definition of that name, members or the others, with its kind and flags: what can be told of many without a look into
    /// their files.
    pub fn told(&self, name: GlobalNameId, members: bool) -> impl Iterator<Item = (DefRef, Kind, Flags)> + use<'w> {
        let syms = if members { self.named_members(name) } else { self.named(name) };
        let said = self.base.lazy_facts.map(|lazy_facts| lazy_facts.said(self.base.files, name, members));
        let base = self.base;
        syms.iter().enumerate().map(move |(i, sym)| {
            let (kind, flags) = match said {
                Some(said) => said[i],
                None => {
                    let def = base.files[sym.file as usize].facts.def(sym.def);
                    (def.kind, def.flags)
                }
            };
            (*sym, kind, flags)
        })
    }

    /// Every definition of that name, members or not.
    pub fn all_named(&self, name: GlobalNameId) -> impl Iterator<Item = &'w DefRef> {
        self.dependency_log.note(name);
        self.base.outer(name).iter().chain(self.base.members(name))
    }

    /// The unit of a file.
    pub fn unit(&self, file: u32) -> &'w UnitRow {
        &self.base.units[self.base.files[file as usize].id.unit.0 as usize]
    }
}
