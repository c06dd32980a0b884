//! Definitions: every named thing a file brings into the world, bodiless declarations included.

use super::{DefId, NameId, ScopeId, Span, TypeId};
use serde::{Deserialize, Serialize};

/// What sort of thing is defined. The short word of [`Kind::word`] is what people see and type.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
#[allow(missing_docs)]
pub enum Kind {
    Module,
    Class,
    Struct,
    Enum,
    Union,
    Interface,
    Trait,
    Alias,
    Function,
    Method,
    Constructor,
    Field,
    Variant,
    Variable,
    Constant,
    Parameter,
    TypeParameter,
    Macro,
    Label,
    Table,
    Column,
}

crate::stored_by_number!(Kind { Module = 0, Class = 1, Struct = 2, Enum = 3, Union = 4, Interface = 5, Trait = 6, Alias = 7, Function = 8, Method = 9, Constructor = 10, Field = 11, Variant = 12, Variable = 13, Constant = 14, Parameter = 15, TypeParameter = 16, Macro = 17, Label = 18, Table = 19, Column = 20 });

impl Kind {
    /// Every kind, in the order in which lists show them.
    pub const ALL: [Kind; 21] = [
        Kind::Module,
        Kind::Class,
        Kind::Struct,
        Kind::Enum,
        Kind::Union,
        Kind::Interface,
        Kind::Trait,
        Kind::Alias,
        Kind::Function,
        Kind::Method,
        Kind::Constructor,
        Kind::Field,
        Kind::Variant,
        Kind::Variable,
        Kind::Constant,
        Kind::Parameter,
        Kind::TypeParameter,
        Kind::Macro,
        Kind::Label,
        Kind::Table,
        Kind::Column,
    ];

    /// The short word shown on screen and accepted after `kind` in questions.
    pub fn word(self) -> &'static str {
        match self {
            Kind::Module => "module",
            Kind::Class => "class",
            Kind::Struct => "struct",
            Kind::Enum => "enum",
            Kind::Union => "union",
            Kind::Interface => "interface",
            Kind::Trait => "trait",
            Kind::Alias => "alias",
            Kind::Function => "fn",
            Kind::Method => "method",
            Kind::Constructor => "constructor",
            Kind::Field => "field",
            Kind::Variant => "variant",
            Kind::Variable => "var",
            Kind::Constant => "const",
            Kind::Parameter => "param",
            Kind::TypeParameter => "typeparam",
            Kind::Macro => "macro",
            Kind::Label => "label",
            Kind::Table => "table",
            Kind::Column => "column",
        }
    }

    /// Does it name a type that can have members?
    pub fn is_type(self) -> bool {
        matches!(self, Kind::Class | Kind::Struct | Kind::Enum | Kind::Union | Kind::Interface | Kind::Trait | Kind::Alias | Kind::TypeParameter)
    }

    /// Is it code that can be called?
    pub fn is_callable(self) -> bool {
        matches!(self, Kind::Function | Kind::Method | Kind::Constructor | Kind::Macro)
    }

    /// Is it a variable or parameter (local when inside a function)?
    pub fn is_variable(self) -> bool {
        matches!(self, Kind::Variable | Kind::Constant | Kind::Parameter | Kind::Label | Kind::TypeParameter)
    }
}

/// Yes-or-no facts of a definition, as bits.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize, Default)]
pub struct Flags(pub u16);

impl Flags {
    /// A prototype, overload signature, `declare` or trait method without a body.
    pub const BODILESS: Flags = Flags(1);
    /// Belongs to the type, not to its values (`static`, class methods).
    pub const STATIC: Flags = Flags(2);
    /// Not visible outside its file or type.
    pub const PRIVATE: Flags = Flags(4);
    /// Visible outside its module by the language's own marker.
    pub const EXPORTED: Flags = Flags(8);
    /// Stands inside a function: a variable, parameter or nested definition.
    pub const LOCAL: Flags = Flags(16);
    /// Its type was read off its initial value, not declared.
    pub const INFERRED: Flags = Flags(32);
    /// Read like a field though it is a method; of a field, called like a method: a component of a record.
    pub const PROPERTY: Flags = Flags(64);
    /// Awaiting its result gives the declared type.
    pub const ASYNC: Flags = Flags(128);
    /// A generator: iterating its result gives values.
    pub const GENERATOR: Flags = Flags(256);
    /// Of a macro: its text puts names together, so that what it calls or makes is known only where it is expanded. No macro is a generator.
    pub const PASTES: Flags = Flags::GENERATOR;
    /// A test.
    pub const TEST: Flags = Flags(512);
    /// `ty` is the type of the receiver's kind of thing, called with the type itself first (`classmethod`).
    pub const OF_TYPE: Flags = Flags(1024);
    /// A member of an interface, trait or abstract class without a body of its own.
    pub const ABSTRACT: Flags = Flags(2048);
    /// Stands in a branch that the usual configuration (Linux, x86-64, GNU dialect) leaves out.
    pub const INACTIVE: Flags = Flags(4096);
    /// May be replaced by a derived type's member of the same signature.
    pub const VIRTUAL: Flags = Flags(8192);
    /// A specialisation of a template: the template itself is what its name means.
    pub const SPECIAL: Flags = Flags(16384);
    /// Stands among the members of a type. Said where definitions are listed by name; facts say it by their scopes.
    pub const MEMBER: Flags = Flags(32768);

    /// Are all bits of `other` set?
    pub fn has(self, other: Flags) -> bool {
        self.0 & other.0 == other.0
    }

    /// Both sets of bits.
    #[must_use]
    pub fn with(self, other: Flags) -> Flags {
        Flags(self.0 | other.0)
    }

    /// `with` when `yes`.
    #[must_use]
    pub fn with_if(self, yes: bool, other: Flags) -> Flags {
        if yes { self.with(other) } else { self }
    }
}

/// One definition.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Definition {
    /// Its name.
    pub name: NameId,
    /// What it is.
    pub kind: Kind,
    /// Yes-or-no facts.
    pub flags: Flags,
    /// The name's own token.
    pub name_span: Span,
    /// From its first token (attributes and decorators included) to its last.
    pub whole: Span,
    /// The body, braces included; `None` for bodiless declarations and plain variables.
    pub body: Option<Span>,
    /// Documentation comment or docstring.
    pub doc: Option<Span>,
    /// The scope that holds the name.
    pub scope: ScopeId,
    /// The scope it opens.
    pub inner: Option<ScopeId>,
    /// The definition it stands in.
    pub container: Option<DefId>,
    /// Type of a variable, result of a function, target of an alias.
    pub ty: Option<TypeId>,
    /// From which offset on the name is bound, in scopes where order counts.
    pub visible_from: u32,
    /// Number of parameters without the receiver; 255 for open-ended, 0 for non-functions.
    pub arity: u8,
    /// Number of parameters without a default, at most `arity`.
    pub required: u8,
    /// Hash of the parameters' types as written, names and folders of types left out; 0 where nothing is overloaded.
    pub signature: u32,
}

impl Definition {
    /// Is it nobody else's business: a parameter, or a variable inside a function?
    pub fn is_inner(&self) -> bool {
        let parameter = matches!(self.kind, Kind::Parameter | Kind::TypeParameter);
        parameter || (self.kind.is_variable() && self.flags.has(Flags::LOCAL))
    }
}
