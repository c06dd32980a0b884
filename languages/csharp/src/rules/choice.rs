//! Of several methods of a name, those that take the arguments.
//!
//! By number first, then by types as far as these are known: the same type before a wider number, a base before `object`; methods that
//! are called as extensions come after the type's own; open-ended ones last (ECMA-334, §12.6.4).

use super::calls::Calls as _;
use super::extensions::Extended as _;
use super::spaces::Spaces as _;
use super::{Found, Names};
use compass_facts::bounds::Levels;
use compass_facts::{Flags, Kind, Literal, TypeExpr, TypeId};
use compass_index::Certainty;
use compass_index::linking::{DefRef, Entity, Evaluator, MOST_CHOICES, MOST_HITS, Ty};
use easy_ext::ext;

/// An argument: its type, and how many parameters it has if it is a function written on the spot.
#[derive(Clone)]
pub(super) struct Given {
    pub(super) ty: Ty,
    pub(super) parameters: Option<usize>,
}

/// A fit that leaves nothing open, and one that rules a method out.
const EXACT: i32 = 8;
const MISFIT: i32 = -20;

#[ext(Choice)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn csharp_given(&mut self, file: u32, argument: TypeId) -> Given {
        let parameters = match self.world.facts(file).ty(argument) {
            TypeExpr::Signature { parameters, .. } => Some(parameters.len()),
            _ => None,
        };
        Given { ty: self.evaluate(file, argument).ty, parameters }
    }

    /// A partial method is announced in one part of its type and written in another: what is written counts (ECMA-334, §15.6.9).
    fn csharp_drop_announced(&self, found: &mut Vec<Found>) {
        let of = |f: &Found| if let Entity::DefRef(s) = f.hit.entity { Some((s, self.world.def(s))) } else { None };
        let written: Vec<DefRef> = found.iter().filter_map(of).filter(|(_, d)| d.body.is_some()).map(|(s, _)| s).collect();
        found.retain(|f| {
            let Some((announced, d)) = of(f).filter(|(_, d)| d.body.is_none() && d.kind == Kind::Method && !d.flags.has(Flags::ABSTRACT)) else { return true };
            let owner = |s: DefRef| self.world.def(s).container.map(|def| DefRef { file: s.file, def });
            let parts = owner(announced).map(|o| self.csharp_parts(o)).unwrap_or_default();
            let is_it = |w: &&DefRef| self.world.def(**w).arity == d.arity && owner(**w).is_some_and(|o| parts.contains(&o));
            !written.iter().any(|w| is_it(&w))
        });
    }

    /// The methods that take the arguments, best first, and how sure that is. Only one where it is sure.
    fn csharp_choose(&mut self, mut found: Vec<Found>, given: &[Given], types: usize) -> Vec<(Found, Certainty)> {
        self.csharp_drop_announced(&mut found);
        let takes = |f: &&Found| match f.hit.entity {
            Entity::DefRef(s) => {
                let d = self.world.def(s);
                let count = given.len() + usize::from(f.extends);
                // A variable that is called: its type says what it takes.
                let is_called = !Names::Methods.hold(d.kind) && d.kind != Kind::Constructor;
                let takes_types = types == 0 || self.csharp_type_parameters(s) == types;
                is_called || takes_types && count >= d.required as usize && (count <= d.arity as usize || d.arity == 255)
            }
            _ => false,
        };
        let mut fitting: Vec<Found> = found.iter().filter(takes).cloned().collect();
        match fitting.len() {
            0 => return found.into_iter().take(MOST_HITS).map(|f| (f, Certainty::Guessed)).collect(),
            _ if found.len() > MOST_CHOICES => return fitting.into_iter().take(MOST_HITS).map(|f| (f, Certainty::Guessed)).collect(),
            1 => return fitting.into_iter().map(|f| (f, Certainty::Proven)).collect(),
            _ => {}
        }
        // Extension methods are asked where no method of the type itself fits.
        let mut scored: Vec<(i32, bool, Found)> = Vec::new();
        for extends in [false, true] {
            let (these, rest): (Vec<Found>, Vec<Found>) = fitting.into_iter().partition(|f| f.extends == extends);
            fitting = rest;
            scored.extend(these.into_iter().map(|f| self.csharp_score(f, given)));
            if scored.iter().any(|s| s.0 > MISFIT) {
                break;
            }
        }
        scored.sort_by_key(|s| std::cmp::Reverse(s.0));
        if scored.iter().any(|s| s.0 > MISFIT) {
            scored.retain(|s| s.0 > MISFIT);
        }
        let best = scored[0].0;
        let alone = scored.iter().filter(|s| s.0 == best).count() == 1;
        if alone && (scored[0].1 || scored.len() == 1 && given.iter().all(|g| !g.ty.is_unknown())) {
            return vec![(scored.swap_remove(0).2, Certainty::Proven)];
        }
        let grade = |score: i32| if alone && score == best { Certainty::Inferred } else { Certainty::Guessed };
        scored.into_iter().map(|(score, _, f)| (f, grade(score))).collect()
    }

    /// How well arguments fit, and whether each fits exactly.
    fn csharp_score(&mut self, found: Found, given: &[Given]) -> (i32, bool, Found) {
        let Entity::DefRef(sym) = found.hit.entity else { return (2 * MISFIT, false, found) };
        let parameters = self.parameters_of(sym);
        let d = self.world.def(sym);
        let own = usize::from(found.extends);
        let count = given.len() + own;
        let is_open = d.arity == 255;
        // What leaves no parameter out is better.
        let mut total = if is_open { -4 } else { -i32::from(count != d.arity as usize) };
        let mut exact = !is_open && count == d.arity as usize;
        let (of, args) = match &found.of {
            Ty::Value(s, args) | Ty::Item(s, args, _) if !args.is_empty() && !found.extends => (Some(*s), args.clone()),
            _ => (None, Ty::no_args()),
        };
        // Of methods that fit alike the one without type parameters is meant.
        total -= i32::from(self.csharp_type_parameters(sym) > 0);
        if found.extends {
            total += self.csharp_receiver_fit(sym, &found.of);
        }
        for (i, argument) in given.iter().enumerate() {
            let last = parameters.len().saturating_sub(1);
            let at = i + own;
            let Some(parameter) = parameters.get(at.min(last)) else { break };
            let Some(declared) = self.world.facts(sym.file).def(*parameter).ty else { continue };
            let mut wanted = self.evaluate(sym.file, declared).ty;
            if let Some(of) = of {
                wanted = self.substitute(wanted, of, &args);
            }
            if is_open && at >= last {
                wanted = match wanted {
                    Ty::List(inner) if !(matches!(argument.ty, Ty::List(_) | Ty::Literal(Literal::Nothing)) && count == parameters.len()) => (*inner).clone(),
                    whole => whole,
                };
            }
            let fit = self.csharp_fit(argument, &wanted, Levels::TYPES);
            exact &= fit >= EXACT;
            total = if fit <= MISFIT || total <= MISFIT { (total + fit).min(MISFIT) } else { total + fit };
        }
        (total, exact, found)
    }

    /// Of extension methods the one for the nearest type comes first.
    fn csharp_receiver_fit(&mut self, method: DefRef, on: &Ty) -> i32 {
        let Some(first) = self.parameters_of(method).first().copied() else { return 0 };
        let Some(declared) = self.world.facts(method.file).def(first).ty else { return 0 };
        let wanted = self.evaluate(method.file, declared).ty;
        self.csharp_fit(&Given { ty: on.clone(), parameters: None }, &wanted, Levels::TYPES).max(MISFIT / 2)
    }

    /// How well a value fits a parameter.
    fn csharp_fit(&mut self, given: &Given, wanted: &Ty, levels: Levels) -> i32 {
        let Some(levels) = levels.down() else { return 0 };
        let is_parameter = |this: &Self, s: &DefRef| this.world.def(*s).kind == Kind::TypeParameter;
        if let Some(count) = given.parameters {
            return match self.csharp_delegate_count(wanted) {
                Some(wanted_count) if wanted_count == count => 4,
                Some(_) => MISFIT,
                None if matches!(wanted, Ty::Value(s, _) if !is_parameter(self, s) && self.csharp_name(*s) != "Expression" && self.csharp_name(*s) != "Delegate") => {
                    MISFIT
                }
                None => 0,
            };
        }
        match (&given.ty, wanted) {
            (Ty::Unknown(_), _) | (_, Ty::Unknown(_)) => 0,
            (Ty::Literal(Literal::Nothing), Ty::Value(b, _)) => match self.world.def(*b).kind {
                Kind::Struct | Kind::Enum => MISFIT,
                _ if self.csharp_name(*b) == "Object" => 1,
                _ => 2,
            },
            (Ty::Literal(Literal::Nothing), _) => 2,
            (Ty::Union(parts), wanted) => parts.iter().map(|p| self.csharp_fit(&Given { ty: p.clone(), parameters: None }, wanted, levels)).max().unwrap_or(0),
            (_, Ty::Value(b, _)) if is_parameter(self, b) => match self.csharp_is_a(&given.ty, wanted, levels) {
                true => 2,
                false => MISFIT,
            },
            (Ty::Value(a, x), Ty::Value(b, y)) => self.csharp_fit_of_values((*a, x), (*b, y), levels),
            (Ty::List(a), Ty::List(b)) => {
                let fit = self.csharp_fit(&Given { ty: (**a).clone(), parameters: None }, b, levels);
                if fit <= MISFIT { MISFIT } else { fit }
            }
            (Ty::List(_), Ty::Value(..)) if self.csharp_is_a(&given.ty, wanted, levels) => 4,
            (Ty::List(_), _) | (_, Ty::List(_)) => MISFIT,
            (Ty::Item(s, ..), Ty::Value(..)) if self.world.def(*s).kind.is_callable() => match self.csharp_delegate_count(wanted) {
                Some(count) if usize::from(self.world.def(*s).arity) == count => 3,
                Some(_) => 0,
                None => MISFIT,
            },
            (Ty::External(a, _), Ty::External(b, _)) if a == b => EXACT,
            _ => 0,
        }
    }

    fn csharp_fit_of_values(&mut self, (a, x): (DefRef, &std::rc::Rc<[Ty]>), (b, y): (DefRef, &std::rc::Rc<[Ty]>), levels: Levels) -> i32 {
        if a == b || self.csharp_is_part(a, b) {
            let fits: Vec<i32> = x.iter().zip(y.iter()).map(|(x, y)| self.csharp_fit(&Given { ty: x.clone(), parameters: None }, y, levels)).collect();
            return if fits.iter().any(|f| *f <= MISFIT) { MISFIT } else { EXACT };
        }
        if self.world.def(a).kind == Kind::TypeParameter && self.world.def(a).ty.is_none() {
            return if self.csharp_name(b) == "Object" { 2 } else { -2 };
        }
        let (from, to) = (self.csharp_name(a), self.csharp_name(b));
        if let Some(fit) = fit_of_numbers(from, to) {
            return fit;
        }
        // `T?` takes what `T` takes.
        if to == "Nullable" {
            return y.first().map_or(0, |inner| self.csharp_fit(&Given { ty: Ty::Value(a, x.clone()), parameters: None }, inner, levels) - 1);
        }
        match self.csharp_base_of(&Ty::Value(a, x.clone()), b) {
            Some(_) => 6,
            None if to == "Object" => 2,
            None if is_closed(to) => MISFIT,
            None if matches!(to, "Delegate" | "MulticastDelegate") && self.csharp_delegate_count(&Ty::Value(a, x.clone())).is_some() => 6,
            None if matches!(to, "Enum" | "ValueType") && matches!(self.world.def(a).kind, Kind::Enum | Kind::Struct) => 3,
            None if self.csharp_has_outside_base(a, Levels::BASES) => 0,
            None => MISFIT,
        }
    }

    /// How many type parameters a method has itself.
    fn csharp_type_parameters(&self, method: DefRef) -> usize {
        let facts = self.world.facts(method.file);
        let Some(inner) = facts.def(method.def).inner else { return 0 };
        let start = method.def.index();
        facts.definitions[start..].iter().take(400).filter(|d| d.kind == Kind::TypeParameter && d.scope == inner).count()
    }

    fn csharp_is_part(&self, a: DefRef, b: DefRef) -> bool {
        use super::spaces::Spaces as _;
        self.world.def(a).name == self.world.def(b).name && a.file == b.file && self.csharp_parts(a).contains(&b)
            || self.csharp_name(a) == self.csharp_name(b) && self.csharp_parts(a).contains(&b)
    }

    fn csharp_name(&self, s: DefRef) -> &'m str {
        self.world.facts(s.file).def_name(s.def)
    }

    /// Does a type extend something that is not here?
    fn csharp_has_outside_base(&mut self, sym: DefRef, levels: Levels) -> bool {
        levels.down().is_some_and(|levels| {
            self.bases(sym).iter().any(|b| match b {
                Ty::Item(s, ..) | Ty::Value(s, _) => self.csharp_has_outside_base(*s, levels),
                _ => true,
            })
        })
    }
}

/// Types of the language that nothing is derived from.
fn is_closed(name: &str) -> bool {
    matches!(name, "String" | "Boolean") || fit_of_numbers("Int32", name).is_some()
}

/// Numbers become wider by themselves; `None` where one of both is no number.
fn fit_of_numbers(given: &str, wanted: &str) -> Option<i32> {
    const SIGNED: [&str; 7] = ["SByte", "Int16", "Int32", "Int64", "Single", "Double", "Decimal"];
    const UNSIGNED: [&str; 5] = ["Byte", "UInt16", "UInt32", "UInt64", "Char"];
    let rank = |n: &str| match n {
        "SByte" | "Byte" => Some(1),
        "Int16" | "UInt16" | "Char" => Some(2),
        "Int32" | "UInt32" => Some(3),
        "Int64" | "UInt64" => Some(4),
        "Single" => Some(5),
        "Double" => Some(6),
        "Decimal" => Some(5),
        _ => None,
    };
    let is_number = |n: &str| SIGNED.contains(&n) || UNSIGNED.contains(&n);
    match (is_number(given), is_number(wanted)) {
        (true, true) if given == wanted => Some(EXACT),
        (true, true) => match (rank(given)?, rank(wanted)?) {
            (a, b) if a < b && wanted != "Char" => Some(7 - (b - a)),
            // A constant fits a smaller type if its value does.
            _ if given == "Int32" && wanted != "Char" && wanted != "Int32" && rank(wanted)? < 5 => Some(0),
            _ => Some(MISFIT),
        },
        (false, true) if matches!(given, "String" | "Boolean" | "Object") => Some(MISFIT),
        (true, false) if matches!(wanted, "String" | "Boolean") => Some(MISFIT),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::int("Int32", &["Int32", "Int64", "Double"])]
    #[case::char("Char", &["Char", "Int32", "Int64"])]
    #[case::byte("Byte", &["Byte", "Int16", "Int32", "Double"])]
    fn nearer_numbers_fit_better(#[case] given: &str, #[case] wanted: &[&str]) {
        let fits: Vec<i32> = wanted.iter().filter_map(|w| fit_of_numbers(given, w)).collect();
        assert!(fits.len() == wanted.len() && fits.is_sorted_by(|a, b| a > b), "{given}: {fits:?}");
        assert_eq!(fits[0], EXACT);
    }

    #[rstest]
    #[case::narrower("Int64", "Int32")]
    #[case::text("String", "Int32")]
    #[case::number_for_a_text("Int32", "String")]
    #[case::to_a_letter("Int32", "Char")]
    fn what_cannot_be_passed_rules_a_method_out(#[case] given: &str, #[case] wanted: &str) {
        assert_eq!(fit_of_numbers(given, wanted), Some(MISFIT));
    }
}
