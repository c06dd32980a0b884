//! The facts of one file, and its interned names.

use super::{Condition, DefId, Definition, Export, Extension, Flow, Gap, Import, ImportId, NameId, Scope, ScopeId, Signal, TypeExpr, TypeId, Use, UseId};
use serde::{Deserialize, Serialize};

/// The distinct names of a file, in order of first mention.
#[derive(Debug, Clone, PartialEq, Default, Serialize, Deserialize)]
pub struct NameTable {
    bytes: String,
    ends: Vec<u32>,
}

impl NameTable {
    /// Appends a name; the caller sees to it that it is new.
    pub fn push(&mut self, name: &str) -> NameId {
        self.bytes.push_str(name);
        self.ends.push(self.bytes.len() as u32);
        NameId(self.ends.len() as u32 - 1)
    }

    /// The text of a name; empty for an id of another file.
    pub fn get(&self, id: NameId) -> &str {
        let i = id.index();
        let start = if i == 0 { 0 } else { self.ends.get(i - 1).copied().unwrap_or(0) };
        let end = self.ends.get(i).copied().unwrap_or(start);
        self.bytes.get(start as usize..end as usize).unwrap_or("")
    }

    /// All names, one after the other.
    pub fn text(&self) -> &str {
        &self.bytes
    }

    /// The length of each, in bytes.
    pub fn lengths(&self) -> Vec<u32> {
        let mut before = 0;
        self.ends.iter().map(|end| end - std::mem::replace(&mut before, *end)).collect()
    }

    /// A table of names by their lengths; `None` if these do not cut the text into names.
    pub fn from_lengths(bytes: String, lengths: &[u32]) -> Option<NameTable> {
        let mut end = 0u32;
        let ends: Vec<u32> = lengths
            .iter()
            .map(|l| {
                end = end.saturating_add(*l);
                end
            })
            .collect();
        let whole = ends.last().copied().unwrap_or(0) as usize == bytes.len() && ends.iter().all(|e| bytes.is_char_boundary(*e as usize));
        whole.then_some(NameTable { bytes, ends })
    }

    /// Forgets all but the first so many.
    pub fn truncate(&mut self, count: usize) {
        self.ends.truncate(count);
        self.ends.shrink_to_fit();
        self.bytes.truncate(self.ends.last().copied().unwrap_or(0) as usize);
        self.bytes.shrink_to_fit();
    }

    /// How many there are.
    pub fn len(&self) -> usize {
        self.ends.len()
    }

    /// Is there none?
    pub fn is_empty(&self) -> bool {
        self.ends.is_empty()
    }

    /// All of them, by id.
    pub fn iter(&self) -> impl Iterator<Item = &str> {
        (0..self.ends.len()).map(|i| self.get(NameId(i as u32)))
    }
}

/// How many of each come first that other files may ask for; what follows is the file's own business.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct Outer {
    /// Definitions.
    pub definitions: u32,
    /// Type expressions.
    pub types: u32,
    /// Names.
    pub names: u32,
}

impl Outer {
    /// Nothing is told apart: all may be asked for.
    pub const ALL: Outer = Outer { definitions: u32::MAX, types: u32::MAX, names: u32::MAX };
}

/// What one file says by itself. Arenas; ids are positions.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Facts {
    /// Interned names.
    pub names: NameTable,
    /// Scopes; the first is the file.
    pub scopes: Vec<Scope>,
    /// Definitions, by place of their name; where [`Outer`] tells two parts apart, by place within each.
    pub definitions: Vec<Definition>,
    /// Uses, by place.
    pub uses: Vec<Use>,
    /// Imports, by place.
    pub imports: Vec<Import>,
    /// Exports under other names.
    pub exports: Vec<Export>,
    /// Type expressions.
    pub types: Vec<TypeExpr>,
    /// Type → base type.
    pub bases: Vec<(DefId, TypeId)>,
    /// Type parameter → the type it stands for where it is given none.
    pub defaults: Vec<(DefId, TypeId)>,
    /// Members given to types that are defined elsewhere.
    pub extensions: Vec<Extension>,
    /// Arguments of calls, by use, where a language chooses among overloads by them.
    pub arguments: Vec<(UseId, Vec<TypeId>)>,
    /// Values that are put somewhere and may be called from there, by place of the value.
    pub flows: Vec<Flow>,
    /// Distinct words of the regions that could not be read: each may be a use nobody sees. Sorted by text.
    pub hidden: Vec<NameId>,
    /// Is there unread text whose words are not among these?
    pub hides_more: bool,
    /// What methods take and give, as written without names and folders, where types are told to fit by that.
    pub signatures: Vec<(DefId, NameId)>,
    /// Definitions that nobody wrote: a macro of that name made them where it is called.
    pub made: Vec<(DefId, NameId)>,
    /// Names that macros of the file paste together, a `*` for what calls give: `trace_*`.
    pub pasted: Vec<NameId>,
    /// Regions that stand or fall with a name the preprocessor may know, by place.
    pub conditions: Vec<Condition>,
    /// What could not be read.
    pub gaps: Vec<Gap>,
    /// Raw material of crossings, by place.
    pub signals: Vec<Signal>,
    /// What others may ask for.
    pub outer: Outer,
    /// Lines of text.
    pub lines: u32,
}

impl Default for Facts {
    /// A file that says nothing: one scope, no names.
    fn default() -> Facts {
        let file = Scope { kind: super::ScopeKind::File, parent: None, owner: None, span: super::Span::default() };
        Facts {
            names: NameTable::default(),
            scopes: vec![file],
            definitions: Vec::new(),
            uses: Vec::new(),
            imports: Vec::new(),
            exports: Vec::new(),
            types: vec![TypeExpr::Unknown],
            bases: Vec::new(),
            defaults: Vec::new(),
            extensions: Vec::new(),
            arguments: Vec::new(),
            flows: Vec::new(),
            hidden: Vec::new(),
            hides_more: false,
            signatures: Vec::new(),
            made: Vec::new(),
            pasted: Vec::new(),
            conditions: Vec::new(),
            gaps: Vec::new(),
            signals: Vec::new(),
            outer: Outer::ALL,
            lines: 0,
        }
    }
}

impl Facts {
    /// The text of a name.
    pub fn name(&self, id: NameId) -> &str {
        self.names.get(id)
    }

    /// The definition's name.
    pub fn def_name(&self, id: DefId) -> &str {
        self.name(self.definitions[id.index()].name)
    }

    /// The definition.
    pub fn def(&self, id: DefId) -> &Definition {
        &self.definitions[id.index()]
    }

    /// The scope.
    pub fn scope(&self, id: ScopeId) -> &Scope {
        &self.scopes[id.index()]
    }

    /// The last name of a type as it is written, without what it is given or made of.
    pub fn type_word(&self, ty: TypeId) -> Option<&str> {
        let mut at = ty;
        // Types of types end; what somebody wrote may not.
        for _ in 0..64 {
            at = match self.ty(at) {
                TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } | TypeExpr::Member { name, .. } => return Some(self.name(*name)),
                TypeExpr::Instance(of) | TypeExpr::Generic { of, .. } | TypeExpr::Deref(of) => *of,
                TypeExpr::Import(id) => {
                    let import = self.import(*id);
                    return import.name.or(import.bound).map(|n| self.name(n));
                }
                TypeExpr::Def(def) => return Some(self.def_name(*def)),
                _ => return None,
            };
        }
        None
    }

    /// The use.
    pub fn usage(&self, id: UseId) -> &Use {
        &self.uses[id.index()]
    }

    /// The type expression.
    pub fn ty(&self, id: TypeId) -> &TypeExpr {
        &self.types[id.index()]
    }

    /// The import.
    pub fn import(&self, id: ImportId) -> &Import {
        &self.imports[id.index()]
    }

    /// The macro that made a definition, if nobody wrote it.
    pub fn made_by(&self, id: DefId) -> Option<&str> {
        let at = self.made.binary_search_by_key(&id, |m| m.0).ok()?;
        Some(self.name(self.made[at].1))
    }

    /// The use whose token holds the byte at `offset`, the shortest if several do.
    pub fn find_use_at(&self, offset: u32) -> Option<UseId> {
        let end = self.uses.partition_point(|u| u.span.start <= offset);
        // Tokens never nest, but two uses may share one token (a shorthand field): take the nearest few.
        (end.saturating_sub(4)..end).rev().find(|&i| self.uses[i].span.contains(offset)).map(|i| UseId(i as u32))
    }

    /// The definition whose name token holds the byte at `offset`. What a macro makes of a name stands at that name: what is written there goes
    /// first.
    pub fn find_definition_at(&self, offset: u32) -> Option<DefId> {
        let (outer, own) = self.definitions.split_at(self.outer_count());
        let find = |part: &[Definition], before: usize| {
            let end = part.partition_point(|d| d.name_span.start <= offset);
            let last = (end.saturating_sub(4)..end).rev().find(|&i| part[i].name_span.contains(offset))?;
            let is_written = |i: &usize| self.made.binary_search_by_key(&DefId((i + before) as u32), |m| m.0).is_err();
            let same = (0..=last).rev().take_while(|&i| part[i].name_span.start == part[last].name_span.start);
            Some(same.clone().find(is_written).unwrap_or(last) + before)
        };
        find(outer, 0).or_else(|| find(own, outer.len())).map(|i| DefId(i as u32))
    }

    /// How many definitions stand in the part that others may ask for.
    pub fn outer_count(&self) -> usize {
        (self.outer.definitions as usize).min(self.definitions.len())
    }

    /// Keeps only what linking another file may ask for.
    #[must_use]
    pub fn into_outer(mut self) -> Facts {
        self.definitions.truncate(self.outer.definitions as usize);
        self.definitions.shrink_to_fit();
        self.types.truncate(self.outer.types as usize);
        self.types.shrink_to_fit();
        self.names.truncate(self.outer.names as usize);
        self.uses = Vec::new();
        self.arguments = Vec::new();
        self.flows = Vec::new();
        self.hidden = Vec::new();
        self.scopes.shrink_to_fit();
        self
    }

    /// The innermost definition with a body or members around the byte at `offset`; variables do not count.
    pub fn find_enclosing(&self, offset: u32) -> Option<DefId> {
        self.definitions
            .iter()
            .enumerate()
            .filter(|(_, d)| !d.kind.is_variable() && d.whole.contains(offset))
            .min_by_key(|(_, d)| d.whole.len())
            .map(|(i, _)| DefId(i as u32))
    }

    /// Names of the definitions around `id`, outermost first, without its own.
    pub fn container_path(&self, id: DefId) -> Vec<&str> {
        let mut path = Vec::new();
        let mut at = self.def(id).container;
        while let Some(c) = at {
            path.push(self.def_name(c));
            at = self.def(c).container;
        }
        path.reverse();
        path
    }
}
