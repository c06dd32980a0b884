//! Java: of several methods of a name, those that take the arguments.
//!
//! By number first, then by types as far as these are known: equal before wider primitives, before boxes, before `Object`;
//! open-ended ones last (Java Language Specification, §15.12.2, its phases as grades).

use crate::rules::Found;
use crate::rules::scopes::Scopes as _;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, Literal, TypeId};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Ty};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

#[ext(Choice)]
pub(crate) impl Evaluator<'_, '_> {
    /// The methods that take the arguments, best first, and how sure that is. Only one where it is sure.
    fn java_choose(&mut self, found: Vec<Found>, given: &[Ty]) -> Vec<(Found, Certainty)> {
        let by_number = |f: &&Found| match f.hit.entity {
            Entity::DefRef(s) => {
                let d = self.world.def(s);
                !d.kind.is_callable() || d.signature == 0 || d.arity as usize == given.len() || d.arity == 255 && given.len() >= d.required as usize
            }
            _ => false,
        };
        let fitting: Vec<Found> = found.iter().filter(by_number).cloned().collect();
        match fitting.len() {
            0 => return found.into_iter().take(compass_index::linking::MOST_HITS).map(|f| (f, Certainty::Guessed)).collect(),
            // So many are not all gone through: the one that fits better may be among those left out.
            _ if found.len() > compass_index::linking::MOST_CHOICES => {
                return fitting.into_iter().take(compass_index::linking::MOST_HITS).map(|f| (f, Certainty::Guessed)).collect();
            }
            1 => return fitting.into_iter().map(|f| (f, Certainty::Proven)).collect(),
            _ => {}
        }
        let mut scored: Vec<(i32, bool, Found)> = fitting.into_iter().map(|f| self.java_score(f, given)).collect();
        scored.sort_by_key(|s| std::cmp::Reverse(s.0));
        if scored.iter().any(|s| s.0 > MISFIT) {
            scored.retain(|s| s.0 > MISFIT);
        }
        let best = scored[0].0;
        let tied = scored.iter().take_while(|s| s.0 == best).count();
        if let Some(at) = self.java_most_specific(&scored[..tied], given.len()) {
            let (score, exact, found) = scored.remove(at);
            scored.insert(0, (score + 1, exact, found));
        }
        let best = scored[0].0;
        let alone = scored.iter().filter(|s| s.0 == best).count() == 1;
        // What is known of every argument and fits exactly leaves no other.
        if alone && (scored[0].1 || scored.len() == 1 && given.iter().all(|g| !g.is_unknown())) {
            return vec![(scored.swap_remove(0).2, Certainty::Proven)];
        }
        let grade = |score: i32| if alone && score == best { Certainty::Inferred } else { Certainty::Guessed };
        scored.into_iter().map(|(score, _, f)| (f, grade(score))).collect()
    }

    /// Of methods that fit alike the one whose parameters could be handed on to each of the others
    /// (Java Language Specification, §15.12.2.5).
    fn java_most_specific(&mut self, tied: &[(i32, bool, Found)], number: usize) -> Option<usize> {
        if tied.len() < 2 {
            return None;
        }
        let parameters: Vec<Vec<Ty>> = tied.iter().map(|t| self.java_parameter_types(&t.2, number)).collect::<Option<_>>()?;
        let mut hands_on = |from: &[Ty], to: &[Ty]| from.iter().zip(to).all(|(f, t)| f == t || !f.is_unknown() && self.java_fit(f, t, Levels::TYPES) > 0);
        let mut best = None;
        for (i, mine) in parameters.iter().enumerate() {
            let others = || parameters.iter().enumerate().filter(|(j, _)| *j != i).map(|o| o.1);
            let narrower = others().all(|other| hands_on(mine, other) && !hands_on(other, mine));
            if narrower {
                best = Some(i);
            }
        }
        best
    }

    /// The types of the first parameters; `None` for open-ended methods and where there are fewer.
    fn java_parameter_types(&mut self, found: &Found, number: usize) -> Option<Vec<Ty>> {
        let Entity::DefRef(sym) = found.hit.entity else { return None };
        let parameters = self.parameters_of(sym);
        if parameters.len() != number || self.world.def(sym).arity == 255 {
            return None;
        }
        let declared = parameters.iter().map(|p| self.world.facts(sym.file).def(*p).ty);
        let declared: Vec<Option<TypeId>> = declared.collect();
        Some(declared.into_iter().map(|t| t.map_or(Ty::Unknown(Cause::ReceiverUnknown), |t| self.evaluate(sym.file, t).ty)).collect())
    }

    /// How well arguments fit, and whether each fits exactly.
    fn java_score(&mut self, found: Found, given: &[Ty]) -> (i32, bool, Found) {
        let Entity::DefRef(sym) = found.hit.entity else { return (2 * MISFIT, false, found) };
        let parameters = self.parameters_of(sym);
        let variadic = self.world.def(sym).arity == 255;
        let (mut total, mut exact) = (if variadic { -4 } else { 0 }, !variadic);
        for (i, ty) in given.iter().enumerate() {
            let last = parameters.len().saturating_sub(1);
            let Some(parameter) = parameters.get(i.min(last)) else { break };
            let declared = self.world.facts(sym.file).def(*parameter).ty;
            let mut wanted = declared.map_or(Ty::Unknown(Cause::ReceiverUnknown), |t| self.evaluate(sym.file, t).ty);
            if variadic && i >= last {
                wanted = match wanted {
                    Ty::List(inner) if !(matches!(ty, Ty::List(_)) && given.len() == parameters.len()) => (*inner).clone(),
                    whole => whole,
                };
            }
            let fit = self.java_fit(ty, &wanted, Levels::TYPES);
            exact &= fit >= EXACT;
            total = if fit <= MISFIT || total <= MISFIT { (total + fit).min(MISFIT) } else { total + fit };
        }
        (total, exact, found)
    }

    /// How well a value fits a parameter.
    fn java_fit(&mut self, given: &Ty, wanted: &Ty, levels: Levels) -> i32 {
        let Some(levels) = levels.down() else { return 0 };
        let parameter = |this: &Self, s: &DefRef| this.world.def(*s).kind == Kind::TypeParameter;
        if let Some(fit) = self.java_fit_of_bound(given, wanted, levels) {
            return fit;
        }
        if let Some(fit) = self.java_fit_of_language(given, wanted) {
            return fit;
        }
        match (given, wanted) {
            (Ty::Unknown(_), _) | (_, Ty::Unknown(_)) => 0,
            (Ty::Literal(Literal::Nothing), Ty::External(g, _)) => {
                if is_primitive(self.world.name(*g)) {
                    2 * MISFIT
                } else {
                    1
                }
            }
            (Ty::Literal(Literal::Nothing), _) => 2,
            (Ty::Value(_, _), Ty::Value(b, _)) if parameter(self, b) => 2,
            (Ty::Value(a, _), Ty::Value(b, _)) if a == b => EXACT,
            (Ty::Value(a, _), Ty::Value(_, _)) if parameter(self, a) => 1,
            (Ty::Value(a, _), Ty::Value(b, _)) if self.derives(*a, *b) => 6,
            (Ty::Value(a, _), Ty::Value(_, _)) => {
                if self.java_has_outside_base(*a, Levels::BASES) {
                    0
                } else {
                    MISFIT
                }
            }
            (Ty::External(a, _), Ty::External(b, _)) => {
                let (a, b) = (self.world.name(*a), self.world.name(*b));
                fit_of_names(a, b)
            }
            (Ty::Value(a, _), Ty::External(b, _)) if self.java_extends_outside(*a, *b, Levels::BASES) => 6,
            (Ty::Value(a, _), Ty::External(b, _)) => match self.world.name(*b) {
                "Object" => 2,
                b if is_primitive(b) || b == "String" => MISFIT,
                _ if parameter(self, a) || self.java_has_outside_base(*a, Levels::BASES) => 4,
                _ => MISFIT,
            },
            (Ty::External(a, _), Ty::Value(b, _)) => {
                let a = self.world.name(*a);
                if parameter(self, b) {
                    if is_primitive(a) { 1 } else { 2 }
                } else if is_primitive(a) || a == "String" {
                    MISFIT
                } else {
                    -2
                }
            }
            (Ty::List(a), Ty::List(b)) => {
                let inner = self.java_fit(a, b, levels);
                let differ = matches!((&**a, &**b), (Ty::External(x, _), Ty::External(y, _)) if x != y && (is_primitive(self.world.name(*x)) || is_primitive(self.world.name(*y))));
                if differ { MISFIT } else { inner }
            }
            (Ty::List(_), Ty::External(b, _)) => {
                if self.world.name(*b) == "Object" {
                    2
                } else {
                    MISFIT
                }
            }
            (Ty::List(_), Ty::Value(b, _)) => {
                if parameter(self, b) {
                    2
                } else {
                    MISFIT
                }
            }
            (_, Ty::List(_)) => MISFIT,
            (Ty::Function(_), Ty::External(b, _)) => {
                let b = self.world.name(*b);
                if is_primitive(b) || matches!(b, "String" | "Object") { MISFIT } else { 1 }
            }
            (Ty::Function(_), Ty::Value(b, _)) => {
                let takes_functions = matches!(self.world.def(*b).kind, Kind::Interface | Kind::TypeParameter);
                if takes_functions { 2 } else { MISFIT }
            }
            (Ty::Union(parts), wanted) => parts.iter().map(|p| self.java_fit(p, wanted, levels)).max().unwrap_or(0),
            _ => 0,
        }
    }

    /// How well values of the language's own types fit: boxes, `Object`. `None` where neither is such a type.
    fn java_fit_of_language(&self, given: &Ty, wanted: &Ty) -> Option<i32> {
        let of_language = |ty: &Ty| match ty {
            Ty::Value(s, _) if self.java_is_of_language(*s) => Some(self.world.name(self.world.gid(s.file, self.world.def(*s).name))),
            _ => None,
        };
        let primitive = |ty: &Ty| match ty {
            Ty::External(g, _) => Some(self.world.name(*g)).filter(|n| is_primitive(n)),
            _ => None,
        };
        let is_object = of_language(wanted) == Some("Object");
        match (given, wanted) {
            (Ty::Unknown(_), _) => None,
            (_, Ty::Value(..)) if primitive(given).is_some() => Some(fit_of_names(primitive(given)?, of_language(wanted)?)),
            (Ty::Value(..), _) if primitive(wanted).is_some() => Some(fit_of_names(of_language(given)?, primitive(wanted)?)),
            (Ty::Value(a, _), Ty::Value(b, _)) if a == b => None,
            (Ty::Function(_), _) => None,
            (Ty::Literal(Literal::Nothing), _) if is_object => Some(1),
            _ if is_object => Some(2),
            _ => None,
        }
    }

    /// What a type parameter takes is limited by its bound; `None` where it has none.
    fn java_fit_of_bound(&mut self, given: &Ty, wanted: &Ty, levels: Levels) -> Option<i32> {
        let Ty::Value(parameter, _) = wanted else { return None };
        let d = self.world.def(*parameter);
        let bound = d.ty.filter(|_| d.kind == Kind::TypeParameter)?;
        let bound = self.evaluate(parameter.file, bound).ty;
        let bound = self.instance(bound);
        Some(match self.java_fit(given, &bound, levels) {
            fit if fit <= MISFIT => MISFIT,
            fit => 2 + i32::from(fit >= 6),
        })
    }

    /// Does a type say that it extends something of that name that is not here?
    fn java_extends_outside(&mut self, sym: DefRef, name: GlobalNameId, levels: Levels) -> bool {
        levels.down().is_some_and(|levels| {
            self.bases(sym).iter().any(|b| match b {
                Ty::Item(s, ..) | Ty::Value(s, _) => self.java_extends_outside(*s, name, levels),
                Ty::ExternalType(g, _) | Ty::External(g, _) => *g == name,
                _ => false,
            })
        })
    }

    /// Does a type extend something that is not here?
    fn java_has_outside_base(&mut self, sym: DefRef, levels: Levels) -> bool {
        levels.down().is_some_and(|levels| {
            self.bases(sym).iter().any(|b| match b {
                Ty::Item(s, ..) | Ty::Value(s, _) => self.java_has_outside_base(*s, levels),
                _ => true,
            })
        })
    }
}

/// A fit that leaves nothing open, and one that rules a method out.
const EXACT: i32 = 8;
const MISFIT: i32 = -20;

/// Types of the language or of libraries, by name.
fn fit_of_names(given: &str, wanted: &str) -> i32 {
    const WIDER: [&str; 6] = ["byte", "short", "int", "long", "float", "double"];
    const BOXES: [(&str, &str); 8] = [
        ("byte", "Byte"),
        ("short", "Short"),
        ("int", "Integer"),
        ("long", "Long"),
        ("float", "Float"),
        ("double", "Double"),
        ("char", "Character"),
        ("boolean", "Boolean"),
    ];
    if given == wanted {
        return EXACT;
    }
    let rank = |n: &str| WIDER.iter().position(|w| *w == n);
    match (is_primitive(given), is_primitive(wanted)) {
        (true, true) => match (if given == "char" { Some(1) } else { rank(given) }, rank(wanted)) {
            (Some(a), Some(b)) if a < b => 7 - (b - a) as i32,
            _ => MISFIT,
        },
        (true, false) => match wanted {
            _ if BOXES.iter().any(|b| b.0 == given && b.1 == wanted) => 0,
            "Object" | "Number" | "Comparable" | "Serializable" => -1,
            _ => MISFIT,
        },
        (false, true) => {
            if BOXES.iter().any(|b| b.1 == given && b.0 == wanted) {
                0
            } else if BOXES.iter().any(|b| b.1 == given) || given == "String" {
                MISFIT
            } else {
                -4
            }
        }
        (false, false) => match (given, wanted) {
            (_, "Object") => 2,
            ("String", "CharSequence") => 6,
            ("String", "Comparable" | "Serializable") => 4,
            ("String", _) => MISFIT,
            (_, "String") => -6,
            (a, b) if a.ends_with(b) => 5,
            _ => -1,
        },
    }
}

fn is_primitive(name: &str) -> bool {
    matches!(name, "byte" | "short" | "int" | "long" | "float" | "double" | "char" | "boolean")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    /// What the compiler would choose first stands first: each given type with the parameters it fits, best first.
    #[rstest]
    #[case::int("int", &["int", "long", "float", "double", "Integer", "Object", "String"])]
    #[case::char("char", &["char", "int", "long", "Character", "Object", "byte"])]
    #[case::byte("byte", &["byte", "short", "int", "double", "Byte", "boolean"])]
    #[case::boxed("Integer", &["Integer", "Object", "int", "String"])]
    #[case::string("String", &["String", "CharSequence", "Comparable", "Object", "Integer"])]
    #[case::list("ArrayList", &["ArrayList", "List", "Object", "String"])]
    fn nearer_types_fit_better(#[case] given: &str, #[case] wanted: &[&str]) {
        let fits: Vec<i32> = wanted.iter().map(|w| fit_of_names(given, w)).collect();
        assert!(fits.is_sorted_by(|a, b| a >= b), "{given}: {wanted:?} {fits:?}");
        assert_eq!(fits[0], EXACT);
    }

    #[rstest]
    #[case::narrower("long", "int")]
    #[case::truth("int", "boolean")]
    #[case::other_box("int", "Long")]
    #[case::number_for_a_text("int", "String")]
    #[case::text_for_a_number("String", "int")]
    fn what_cannot_be_passed_rules_a_method_out(#[case] given: &str, #[case] wanted: &str) {
        assert!(fit_of_names(given, wanted) <= MISFIT);
    }
}
