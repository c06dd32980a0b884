//! Types of Java that Kotlin knows under names of its own.

use crate::rules::JavaNames as _;
use crate::rules::scopes::Scopes as _;
use compass_facts::bounds::Levels;
use compass_index::linking::{DefRef, Evaluator, Ty};
use easy_ext::ext;
use std::rc::Rc;

/// A type of Java, and what it is in Kotlin (Kotlin language specification, mapped types).
const MAPPED: &[(&str, &str)] = &[
    ("java.lang.Annotation", "kotlin.Annotation"),
    ("java.lang.Boolean", "kotlin.Boolean"),
    ("java.lang.Byte", "kotlin.Byte"),
    ("java.lang.CharSequence", "kotlin.CharSequence"),
    ("java.lang.Character", "kotlin.Char"),
    ("java.lang.Comparable", "kotlin.Comparable"),
    ("java.lang.Double", "kotlin.Double"),
    ("java.lang.Enum", "kotlin.Enum"),
    ("java.lang.Float", "kotlin.Float"),
    ("java.lang.Integer", "kotlin.Int"),
    ("java.lang.Iterable", "kotlin.collections.MutableIterable"),
    ("java.lang.Long", "kotlin.Long"),
    ("java.lang.Number", "kotlin.Number"),
    ("java.lang.Object", "kotlin.Any"),
    ("java.lang.Short", "kotlin.Short"),
    ("java.lang.String", "kotlin.String"),
    ("java.lang.Throwable", "kotlin.Throwable"),
    ("java.util.Collection", "kotlin.collections.MutableCollection"),
    ("java.util.Iterator", "kotlin.collections.MutableIterator"),
    ("java.util.List", "kotlin.collections.MutableList"),
    ("java.util.ListIterator", "kotlin.collections.MutableListIterator"),
    ("java.util.Map", "kotlin.collections.MutableMap"),
    ("java.util.Map.Entry", "kotlin.collections.MutableMap.MutableEntry"),
    ("java.util.Set", "kotlin.collections.MutableSet"),
];

/// Values that Java writes as words of the language.
const PLAIN: &[(&str, &str)] = &[
    ("boolean", "kotlin.Boolean"),
    ("byte", "kotlin.Byte"),
    ("char", "kotlin.Char"),
    ("double", "kotlin.Double"),
    ("float", "kotlin.Float"),
    ("int", "kotlin.Int"),
    ("long", "kotlin.Long"),
    ("short", "kotlin.Short"),
    ("void", "kotlin.Unit"),
];

#[ext(Mapped)]
pub(crate) impl Evaluator<'_, '_> {
    /// A type as Kotlin sees it: some of Java's are its own, with other members.
    fn kotlin_seen(&mut self, ty: Ty) -> Ty {
        match ty {
            Ty::Value(class, args) => {
                let args: Rc<[Ty]> = if args.is_empty() { args } else { args.iter().map(|a| self.kotlin_seen(a.clone())).collect() };
                Ty::Value(self.kotlin_counterpart(class).unwrap_or(class), args)
            }
            Ty::External(name, _) => {
                let word = self.world.name(name);
                let own = PLAIN.iter().find(|p| p.0 == word).and_then(|p| self.java_class(p.1));
                own.map_or(ty, |s| Ty::Value(s, Ty::no_args()))
            }
            other => other,
        }
    }

    /// What a type of Java is in Kotlin.
    fn kotlin_counterpart(&mut self, class: DefRef) -> Option<DefRef> {
        let world = self.world;
        if world.language(class.file) != crate::JAVA {
            return None;
        }
        let def = world.def(class);
        let name = world.name(world.gid(class.file, def.name));
        if !MAPPED.iter().any(|m| m.0.rsplit('.').next() == Some(name)) {
            return None;
        }
        let package = self.java_packages().of(class.file)?;
        let whole = match def.container {
            Some(outer) => format!("{package}.{}.{name}", world.facts(class.file).def_name(outer)),
            None => format!("{package}.{name}"),
        };
        let own = MAPPED.iter().find(|m| m.0 == whole)?.1;
        self.java_class(own)
    }

    /// The types a class is derived from, as Kotlin sees them.
    fn kotlin_bases(&mut self, class: DefRef) -> Vec<(DefRef, Rc<[Ty]>)> {
        let mut out = Vec::new();
        for base in self.bases(class).iter() {
            let (Ty::Item(s, args, _) | Ty::Value(s, args)) = base else { continue };
            // Scala sees the types of Java as they are.
            match self.world.language(class.file) == crate::SCALA {
                true => out.push((*s, args.clone())),
                false => out.push((self.kotlin_counterpart(*s).unwrap_or(*s), args.clone())),
            }
        }
        out
    }

    /// Is a class another one, or derived from it?
    fn kotlin_derives(&mut self, class: DefRef, from: DefRef, levels: Levels) -> bool {
        let Some(levels) = levels.down() else { return false };
        class == from || self.kotlin_bases(class).into_iter().any(|b| self.kotlin_derives(b.0, from, levels))
    }
}
