//! What the standard library's types hold and pass on: options, results, pointers, locks, containers, iterators.
//!
//! Options and results are looked through where a container gives one: `map.get(k)` means the value. What a closure gives is what the
//! method that takes it gives on.

use compass_facts::bounds::Levels;
use compass_facts::{Literal, TypeExpr, TypeId};
use compass_index::linking::{Evaluator, GlobalNameId, Meaning, Ty};
use compass_index::{Cause, Certainty};
use std::rc::Rc;

/// What a type of the standard library is made for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum Sort {
    /// It stands for what it holds.
    Pointer,
    /// From keys to values.
    Map,
    /// Of one sort of things.
    Set,
    /// `Option`, `Result`, locks, cells: a value that is taken out.
    Wrapper,
}

fn sort_of(name: &str) -> Sort {
    match name {
        "Box" | "Rc" | "Arc" | "Pin" | "Cow" | "Ref" | "RefMut" | "MutexGuard" | "RwLockReadGuard" | "RwLockWriteGuard" | "ManuallyDrop" | "LazyLock"
        | "LazyCell" | "Lazy" | "NonNull" | "Peekable" => Sort::Pointer,
        _ if name.ends_with("Map") => Sort::Map,
        _ if name.ends_with("Set") || matches!(name, "BinaryHeap" | "LinkedList") => Sort::Set,
        _ => Sort::Wrapper,
    }
}

/// A function that gives a type.
fn gives(ty: Ty) -> Option<Ty> {
    Some(Ty::Function(Rc::new(ty)))
}

fn list(of: Ty) -> Ty {
    Ty::List(Rc::new(of))
}

fn pair(first: Ty, second: Ty) -> Ty {
    Ty::Tuple(Rc::from([first, second]))
}

/// Members of types of the standard library that pass on what these hold.
pub(super) fn passed_on(e: &mut Evaluator, file: u32, of: &Ty, name: GlobalNameId, levels: Levels) -> Option<Ty> {
    let levels = levels.down()?;
    let word = e.world.name(name);
    match of {
        Ty::List(inner) => of_list(of, inner, word),
        Ty::Map(inner) => of_map(of, Ty::Unknown(Cause::Builtin), (**inner).clone(), word),
        Ty::External(owner, args) if !args.is_empty() => {
            let held = |e: &mut Evaluator, i: usize| args.get(i).map_or(Ty::Unknown(Cause::Builtin), |a| e.held(file, a));
            let first = held(e, 0);
            match sort_of(e.world.name(*owner)) {
                Sort::Pointer => match word {
                    "clone" | "by_ref" => gives(of.clone()),
                    "as_ref" | "as_mut" | "borrow" | "borrow_mut" | "deref" | "deref_mut" | "into_inner" | "into_owned" | "to_mut" | "get_mut" | "make_mut"
                    | "as_ptr" | "leak" => gives(first),
                    "peek" | "peek_mut" | "next_if" => gives(e.element(file, first)),
                    // A pointer to what has members of its own is gone through elsewhere.
                    _ => passed_on(e, file, &first, name, levels),
                },
                Sort::Map => of_map(of, first, held(e, args.len() - 1), word),
                Sort::Set => match word {
                    "get" | "take" | "first" | "last" | "pop_first" | "pop_last" | "pop" | "peek" | "replace" | "front" | "back" | "pop_front" | "pop_back" => {
                        gives(first)
                    }
                    "clone" => gives(of.clone()),
                    _ => of_list(&list(first.clone()), &first, word),
                },
                Sort::Wrapper => of_wrapper(of, first, held(e, 1), word),
            }
        }
        // What a container gave is looked through: what is done with the option leaves its value.
        Ty::Value(..) => match word {
            "clone" | "to_owned" | "borrow" | "as_ref" | "as_mut" | "borrow_mut" | "into_iter" | "iter" | "by_ref" | "unwrap" | "expect" | "unwrap_or"
            | "unwrap_or_else" | "unwrap_or_default" | "cloned" | "copied" | "ok_or" | "ok_or_else" | "ok" | "take" | "filter" | "as_deref"
            | "as_deref_mut" | "inspect" | "or" | "or_else" | "map_err" | "or_insert" | "or_insert_with" | "or_default" => gives(of.clone()),
            _ => None,
        },
        _ => None,
    }
}

fn of_list(of: &Ty, inner: &Ty, word: &str) -> Option<Ty> {
    let inner = || inner.clone();
    match word {
        "iter" | "iter_mut" | "into_iter" | "filter" | "rev" | "skip" | "take" | "chain" | "cloned" | "copied" | "peekable" | "concat" | "to_vec"
        | "collect" | "drain" | "skip_while" | "take_while" | "step_by" | "values" | "as_slice" | "as_mut_slice" | "as_ref" | "as_mut" | "inspect" | "fuse"
        | "cycle" | "by_ref" | "clone" | "split_off" | "to_owned" | "into_boxed_slice" | "into_vec" | "sorted" | "dedup" | "range" | "retain" | "borrow" => {
            gives(of.clone())
        }
        "next" | "first" | "last" | "pop" | "get" | "get_mut" | "find" | "max_by_key" | "min_by_key" | "last_mut" | "first_mut" | "nth" | "next_back"
        | "peek" | "peek_mut" | "pop_front" | "pop_back" | "front" | "back" | "front_mut" | "back_mut" | "remove" | "swap_remove" | "unwrap" | "expect"
        | "min" | "max" | "min_by" | "max_by" | "reduce" | "rfind" | "next_if" | "get_unchecked" | "get_unchecked_mut" | "choose" => gives(inner()),
        "map" | "flat_map" | "filter_map" | "flatten" => gives(list(Ty::Unknown(Cause::Builtin))),
        "enumerate" => gives(list(pair(Ty::Literal(Literal::Number), inner()))),
        "windows" | "chunks" | "chunks_mut" | "chunks_exact" | "split" | "rchunks" => gives(list(of.clone())),
        "split_at" | "split_at_mut" | "partition" => gives(pair(of.clone(), of.clone())),
        "split_first" | "split_last" | "split_first_mut" | "split_last_mut" => gives(pair(inner(), of.clone())),
        _ => None,
    }
}

fn of_map(of: &Ty, key: Ty, value: Ty, word: &str) -> Option<Ty> {
    match word {
        "get" | "get_mut" | "remove" | "insert" | "or_insert" | "or_insert_with" | "or_insert_with_key" | "or_default" | "into_mut" | "get_or_insert_with" => {
            gives(value)
        }
        "entry" | "and_modify" | "clone" | "as_ref" | "as_mut" | "unwrap" | "expect" | "borrow" | "borrow_mut" => gives(of.clone()),
        "values" | "values_mut" | "into_values" => gives(list(value)),
        "keys" | "into_keys" => gives(list(key)),
        "iter" | "iter_mut" | "into_iter" | "drain" | "range" | "range_mut" | "extract_if" => gives(list(pair(key, value))),
        "get_key_value" | "remove_entry" | "first_key_value" | "last_key_value" | "pop_first" | "pop_last" => gives(pair(key, value)),
        _ => None,
    }
}

fn of_wrapper(of: &Ty, first: Ty, second: Ty, word: &str) -> Option<Ty> {
    match word {
        "as_ref" | "as_mut" | "clone" | "cloned" | "copied" | "take" | "as_deref" | "as_deref_mut" | "lock" | "read" | "write" | "try_lock" | "ok"
        | "ok_or" | "ok_or_else" | "map_err" | "or" | "or_else" | "filter" | "inspect" | "inspect_err" | "by_ref" => gives(of.clone()),
        "unwrap" | "expect" | "unwrap_or" | "unwrap_or_else" | "unwrap_or_default" | "unwrap_unchecked" | "borrow" | "borrow_mut" | "get" | "get_mut"
        | "into_inner" | "deref" | "first" | "last" | "next" | "pop" | "load" | "insert" | "get_or_insert" | "get_or_insert_with" | "get_or_init"
        | "replace" | "recv" | "try_recv" | "join" | "as_mut_ptr" | "with_borrow" => gives(first),
        "unwrap_err" | "expect_err" | "err" | "into_err" => gives(second),
        "values" => gives(list(if second.is_unknown() { first } else { second })),
        "iter" | "iter_mut" | "into_iter" | "keys" | "drain" | "rev" | "as_slice" | "try_iter" => gives(list(first)),
        _ => None,
    }
}

/// What going through a value of an absent type gives.
pub(super) fn element(e: &mut Evaluator, file: u32, of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
    let Some(first) = arguments.first() else { return Ty::Unknown(Cause::UnitAbsent) };
    let first = e.held(file, first);
    match sort_of(e.world.name(of)) {
        Sort::Pointer if !matches!(first, Ty::Value(..)) => e.element(file, first),
        Sort::Map => match arguments.last().filter(|_| arguments.len() > 1) {
            Some(value) => pair(first, e.held(file, value)),
            None => first,
        },
        _ => first,
    }
}

/// What an index into a value of an absent type gives.
pub(super) fn indexed(e: &mut Evaluator, file: u32, of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
    let Some(last) = arguments.last() else { return Ty::Unknown(Cause::UnitAbsent) };
    match sort_of(e.world.name(of)) {
        Sort::Pointer => {
            let inner = e.held(file, &arguments[0]);
            e.indexed(file, inner)
        }
        _ => e.held(file, last),
    }
}

/// What methods give that give on what their closure gives.
pub(super) fn called(e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
    let facts = e.world.facts(file);
    let TypeExpr::Member { of: receiver, name } = *facts.ty(of) else { return None };
    let word = facts.name(name);
    if matches!(word, "new" | "from") {
        return made_of_argument(e, file, receiver, arguments);
    }
    let is_of_closure = matches!(
        word,
        "map" | "and_then" | "map_or" | "map_or_else" | "map_err" | "flat_map" | "filter_map" | "map_while" | "find_map" | "zip" | "flatten" | "then"
    );
    if !is_of_closure {
        return None;
    }
    let owner = e.evaluate(file, receiver);
    let gid = e.world.gid(file, name);
    if !matches!(owner.ty, Ty::List(_) | Ty::External(..) | Ty::Value(..) | Ty::Literal(Literal::Bool)) || !e.members(file, &owner.ty, gid).is_empty() {
        return None;
    }
    let made = arguments.last().map(|a| e.evaluate(file, *a).ty);
    let made = match made {
        Some(function @ (Ty::Function(_) | Ty::Item(..))) if word != "zip" => e.result(function).ty,
        Some(value) if word == "zip" => e.element(file, value),
        None if word == "flatten" => Ty::Unknown(Cause::Builtin),
        _ => return None,
    };
    let ty = match &owner.ty {
        Ty::List(inner) => match word {
            "map" => list(made),
            "flat_map" => list(e.element(file, made)),
            "filter_map" | "map_while" => list(e.unwrapped(file, made)),
            "find_map" => e.unwrapped(file, made),
            "zip" => list(pair((**inner).clone(), made)),
            "flatten" => list(match (**inner).clone() {
                value @ Ty::Value(..) => value,
                inner => e.element(file, inner),
            }),
            _ => return None,
        },
        Ty::External(name, args) => match word {
            "map_err" => Ty::External(*name, Rc::from([args[..1].to_vec(), vec![made]].concat())),
            "map" => Ty::External(*name, Rc::from([vec![made], args.get(1..).unwrap_or_default().to_vec()].concat())),
            "and_then" | "map_or" | "map_or_else" | "then" => made,
            "flatten" => e.unwrapped(file, owner.ty.clone()),
            "zip" => Ty::External(*name, Rc::from([pair(e.unwrapped(file, owner.ty.clone()), made)])),
            _ => return None,
        },
        _ => match word {
            "map" | "then" => option(e, made),
            "and_then" | "map_or" | "map_or_else" => made,
            _ => return None,
        },
    };
    if ty.is_unknown() || matches!(&ty, Ty::List(inner) if inner.is_unknown()) {
        return None;
    }
    Some(Meaning { ty, certainty: owner.certainty.min(Certainty::Inferred), reasons: owner.reasons })
}

/// `Arc::new(rack)` holds what it is given.
fn made_of_argument(e: &mut Evaluator, file: u32, receiver: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
    let [only] = arguments else { return None };
    let owner = e.evaluate(file, receiver);
    let Ty::ExternalType(name, args) = &owner.ty else { return None };
    let holds = args.is_empty()
        && (sort_of(e.world.name(*name)) == Sort::Pointer || matches!(e.world.name(*name), "Mutex" | "RwLock" | "RefCell" | "Cell" | "OnceCell" | "Wrapping"));
    let held = e.evaluate(file, *only);
    if !holds || held.ty.is_unknown() {
        return None;
    }
    let (certainty, reasons) = (owner.certainty.min(held.certainty).min(Certainty::Inferred), held.reasons);
    Some(Meaning { ty: Ty::External(*name, Rc::from([held.ty])), certainty, reasons })
}

/// An option of a value.
fn option(e: &Evaluator, of: Ty) -> Ty {
    match e.world.find_gid("Option") {
        Some(name) if !of.is_unknown() => Ty::External(name, Rc::from([of])),
        _ => of,
    }
}
