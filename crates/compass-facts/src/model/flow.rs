//! Flows: values that are put somewhere and may be called from there.
//!
//! `.open = disk_open`, `handlers["add"] = add`, `Thread(target=worker)`, `table[i](v)`: what a name may stand for when it is called
//! shows only where values are put. A reader records the two places; what they mean is looked up when somebody asks.

use super::NameId;
use serde::{Deserialize, Serialize};

/// Which part of what a name means.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
pub enum FlowPart {
    /// All of it.
    Whole,
    /// Something that is in it: of a list, a table, a dictionary.
    Element,
    /// It or something in it: what a call gave that was handed the value.
    Within,
    /// The field at that position of it, or of what is in it.
    Field(u16),
    /// What it is given at that position when it is called.
    Argument(u16),
    /// What it is given under that name when it is called.
    Keyword(NameId),
    /// Nothing is put anywhere: the value is called.
    Called,
    /// Nothing is put anywhere: of the type around, a member whose name fits a pattern is called or taken there.
    Member(NameId),
    /// What a call of it gives.
    Given,
}

/// A value that is put somewhere.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize)]
pub struct Flow {
    /// Where the last name of the value stands.
    pub value: u32,
    /// Whether that is the value, or something in it is.
    pub of: FlowPart,
    /// Where the last name of the place stands.
    pub into: u32,
    /// Which part of the place.
    pub part: FlowPart,
}

/// Flows as differences to the ones before: small numbers take few bytes.
#[derive(Debug, Serialize, Deserialize)]
struct Packed(u32, i32, FlowPart, FlowPart);

/// Stores flows that are sorted by the place of their values.
pub(crate) fn pack<S: serde::Serializer>(flows: &[Flow], out: S) -> Result<S::Ok, S::Error> {
    let mut before = 0;
    out.collect_seq(flows.iter().map(|f| {
        let to = f.value.wrapping_sub(before);
        before = f.value;
        Packed(to, f.into.wrapping_sub(f.value) as i32, f.of, f.part)
    }))
}

/// Reads what [`pack`] gave.
pub(crate) fn unpack<'d, D: serde::Deserializer<'d>>(input: D) -> Result<Vec<Flow>, D::Error> {
    let mut value = 0u32;
    let one = |Packed(to, into, of, part): Packed| {
        value = value.wrapping_add(to);
        Flow { value, of, into: value.wrapping_add_signed(into), part }
    };
    Ok(Vec::<Packed>::deserialize(input)?.into_iter().map(one).collect())
}
