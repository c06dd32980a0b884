//! Declaration files of JavaScript and TypeScript: which file declares what another one implements.
//!
//! # How it works
//! A declaration file belongs to the script of the same stem beside it, or to a whole package: the one its manifest names,
//! or that of a package of types (`@types/name`). A name that a script does not give is looked for in its header, since
//! types alone stand there; and what both name is recorded as one thing with two places.

use super::packages::ScriptPackages;
use crate::rules::ScriptNames as _;
use compass_facts::{DefId, Flags, Kind, ScopeId, TypeExpr};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Lookup, Ty, World};
use compass_index::{Certainty, FileLinks, SymbolId};
use easy_ext::ext;
use rustc_hash::FxHashMap;

/// Endings of declaration files, and what they belong to beside them.
const HEADERS: [(&str, &[&str]); 3] =
    [(".d.ts", &[".js", ".jsx", ".ts", ".tsx", ".cjs", ".mjs"]), (".d.mts", &[".mjs", ".mts", ".js"]), (".d.cts", &[".cjs", ".cts", ".js"])];

/// Is it a file of declarations alone?
pub(super) fn is_header(path: &str) -> bool {
    HEADERS.iter().any(|h| path.ends_with(h.0))
}

/// Declaration files by what they belong to.
#[derive(Default)]
pub(super) struct DeclarationFiles {
    beside: FxHashMap<u32, u32>,
    of_unit: FxHashMap<u32, u32>,
}

impl DeclarationFiles {
    pub(super) fn new(world: &World) -> DeclarationFiles {
        let mut out = DeclarationFiles::default();
        for (i, file) in world.files.iter().enumerate().filter(|(_, f)| is_header(&f.path)) {
            for (stem, endings) in HEADERS.iter().filter_map(|(e, of)| Some((file.path.strip_suffix(e)?, of))) {
                let code = endings.iter().find_map(|e| world.by_path.get(&(file.root, format!("{stem}{e}").as_str())).copied());
                if let Some(code) = code {
                    // Where several declare one script, the first by name: `.cts`, `.mts`, `.ts` say the same.
                    out.beside.entry(code).or_insert(i as u32);
                }
            }
        }
        let links: FxHashMap<(u32, &str), &str> = world.build.links.iter().map(|(root, from, to)| ((*root as u32, from.as_str()), to.as_str())).collect();
        let root_of: FxHashMap<u32, u32> = world.files.iter().map(|f| (f.id.unit.0, f.root)).collect();
        let place = |(i, u): (usize, &'_ compass_index::UnitRow)| Some(((*root_of.get(&(i as u32))?, u.dir.clone()), i as u32));
        let by_dir: FxHashMap<(u32, String), u32> = world.units.iter().enumerate().filter_map(place).collect();
        let named = |unit: u32| {
            let row = &world.units[unit as usize];
            let root = *root_of.get(&unit)?;
            let get = |e: &str| world.by_path.get(&(root, super::packages::below(&row.dir, e).as_str())).copied();
            let said = row.entries.iter().map(|e| e.trim_start_matches(crate::packages::FOR_REQUIRE));
            said.flat_map(|e| [Some(e.to_owned()), (!is_header(e)).then(|| format!("{e}.d.ts"))]).flatten().filter(|e| is_header(e)).find_map(|e| get(&e))
        };
        for (i, unit) in world.units.iter().enumerate().filter(|(_, u)| u.ecosystem == "npm") {
            // Types of a package stand in a package beside it.
            let Some(root) = root_of.get(&(i as u32)).copied() else { continue };
            let types = |packages: &str| {
                let folder = format!("{packages}@types/{}", unit.name.trim_start_matches('@').replace('/', "__"));
                let folder = links.get(&(root, folder.as_str())).map_or(folder.clone(), |to| (*to).to_owned());
                by_dir.get(&(root, folder)).copied()
            };
            // Where packages are links, those of types stand where the links are.
            let linked = || unit.dir.split_once("/.pnpm/").map(|(packages, _)| format!("{packages}/")).and_then(|p| types(&p));
            let beside = || unit.dir.strip_suffix(unit.name.as_str()).and_then(types).or_else(linked).and_then(named);
            let found = named(i as u32).or_else(beside);
            if let Some(header) = found {
                out.of_unit.insert(i as u32, header);
            }
        }
        out
    }

    /// Does the header declare that very script: beside it, or the entry of the package?
    fn is_own(&self, world: &World, packages: &ScriptPackages, file: u32) -> bool {
        self.beside.contains_key(&file) || packages.is_entry(world.files[file as usize].id.unit.0, file)
    }

    /// The header of a script: the one beside it, or its package's.
    pub(super) fn of(&self, world: &World, file: u32) -> Option<u32> {
        let unit = world.files[file as usize].id.unit.0;
        self.beside.get(&file).or_else(|| self.of_unit.get(&unit)).copied().filter(|h| *h != file)
    }
}

#[ext(Declared)]
pub(crate) impl Evaluator<'_, '_> {
    /// A name that a script itself does not give, as its header has it. Sources with types have no need of one.
    fn in_header(&mut self, from: u32, file: u32, name: GlobalNameId) -> Option<Lookup> {
        if self.world.language(file) != crate::JAVASCRIPT {
            return None;
        }
        let header = self.header(file).filter(|h| *h != from)?;
        let found = self.declared_name(from, header, name);
        (!found.is_empty()).then_some(found)
    }

    /// What a file exports as a whole, or by default: the value rather than the namespace that has its types.
    fn whole(&mut self, file: u32) -> Option<DefRef> {
        let world = self.world;
        ["=", "default"].into_iter().find_map(|word| {
            let what = world.export(file, world.find_gid(word)?)?;
            let found = match *world.facts(file).ty(what) {
                TypeExpr::Name { name, scope, .. } => self.bound(file, scope, world.gid(file, name), None),
                _ => self.find_export(word, file)?,
            };
            let syms = found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
            syms.min_by_key(|s| matches!(world.def(*s).kind, Kind::Module | Kind::Interface | Kind::Alias))
        })
    }

    /// A name of a header: exported by itself, or a member of the whole.
    fn declared_name(&mut self, from: u32, header: u32, name: GlobalNameId) -> Lookup {
        let found = self.module_member(from, header, ScopeId::FILE, name);
        match (found.is_empty(), self.find_export("=", header)) {
            (true, Some(whole)) => self.member_of_hits(from, whole, name),
            _ => found,
        }
    }
}

/// Records what a script and its header both name.
pub(super) fn link_declared(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    let Some(header) = evaluator.header(index) else { return };
    let mut pairs = Pairs { header, found: Vec::new() };
    // What a script within a package exports as a whole is not what the package does.
    if evaluator.script_files().headers.is_own(world, &evaluator.script_files().packages, index) {
        let (whole, declared) = (evaluator.whole(index), evaluator.whole(header));
        let module = SymbolId::module(world.files[index as usize].id);
        let to = declared.map(|d| world.symbol(d)).unwrap_or_else(|| SymbolId::module(world.files[header as usize].id));
        pairs.found.push((module, to));
        if let (Some(code), Some(declared)) = (whole.filter(|s| s.file == index), declared) {
            pairs.add(evaluator, code, declared);
        }
    }
    let facts = world.facts(index);
    let outer = |d: &compass_facts::Definition| d.scope == ScopeId::FILE && !d.flags.has(Flags::LOCAL) && !d.name_span.is_empty();
    for (i, d) in facts.definitions.iter().enumerate().filter(|(_, d)| outer(d)) {
        let name = world.gid(index, d.name);
        let found = evaluator.declared_name(index, header, name);
        let syms = found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
        // A name may be a namespace, a type and a value at once.
        if let Some(declared) = syms.min_by_key(|s| unlike(d.kind, world.def(*s).kind)) {
            pairs.add(evaluator, DefRef { file: index, def: DefId(i as u32) }, declared);
        }
    }
    pairs.found.sort_unstable();
    pairs.found.dedup_by_key(|p| p.0);
    out.declared = pairs.found;
}

/// How little two kinds fit: the same, callable as well, a value as well, others.
fn unlike(code: Kind, declared: Kind) -> u8 {
    let is_value = |k: Kind| k.is_callable() || k.is_variable() || matches!(k, Kind::Class | Kind::Enum);
    match () {
        () if code == declared => 0,
        () if code.is_callable() && declared.is_callable() => 1,
        () if is_value(code) == is_value(declared) => 2,
        () => 3,
    }
}

struct Pairs {
    header: u32,
    found: Vec<(SymbolId, SymbolId)>,
}

impl Pairs {
    /// A definition with its declaration, and the members of both.
    fn add(&mut self, evaluator: &mut Evaluator, code: DefRef, declared: DefRef) {
        let world = evaluator.world;
        if !is_header(&world.files[declared.file as usize].path) {
            return;
        }
        self.found.push((world.symbol(code), world.symbol(declared)));
        let facts = world.facts(code.file);
        let members =
            facts.definitions.iter().enumerate().filter(|(_, d)| d.container == Some(code.def) && !d.flags.has(Flags::LOCAL) && !d.name_span.is_empty());
        for (i, d) in members {
            let name = world.gid(code.file, d.name);
            let found = evaluator.members(self.header, &Ty::Value(declared, std::rc::Rc::from([])), name);
            if let Some(Entity::DefRef(member)) = found.hits.first().filter(|h| h.certainty > Certainty::Guessed).map(|h| h.entity) {
                self.found.push((world.symbol(DefRef { file: code.file, def: DefId(i as u32) }), world.symbol(member)));
            }
        }
    }
}
