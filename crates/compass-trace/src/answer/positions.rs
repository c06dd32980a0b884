//! Values that are given by position: they write a field without its name, and no reader links them.
//!
//! Found by the text behind the uses of the field's type: a list in braces whose parts are not called by name. A value of the type that
//! stands within another one may be given so where the type is not named at all; then there may be more.

use super::{AnswerError, Engine, Found};
use compass_facts::profile::Lists;
use compass_facts::{Kind, Role, UseId};
use compass_index::{Cause, SymbolId};

/// So many uses of a type are looked at; more may hold what is looked for.
const MOST_USES: usize = 500;
/// So far behind the name of a type its values begin, in bytes.
const NEAR: usize = 200;
/// Lists of values are looked through so far, in bytes.
const LONGEST: usize = 20_000;

impl Engine {
    /// Counts what may write these fields by position.
    pub(super) fn miss_positions(&self, symbols: &[SymbolId], found: &mut Found) -> Result<(), AnswerError> {
        for symbol in symbols {
            let Some((facts, def)) = self.index.definition(*symbol)? else { continue };
            let has_lists = self.index.file(symbol.file).is_some_and(|f| f.language.profile().lists != Lists::No);
            if !has_lists || facts.facts.def(def).kind != Kind::Field {
                continue;
            }
            for owner in self.owners(*symbol, &facts, def)? {
                found.miss(Cause::Dynamic.word(), self.by_position(owner)?);
            }
        }
        Ok(())
    }

    /// How many uses of a type are followed by values without names.
    fn by_position(&self, of: SymbolId) -> Result<u64, AnswerError> {
        let behind_variables = self.index.file(of.file).is_some_and(|f| f.language.profile().lists == Lists::BehindVariable);
        for member in self.members_of(of)? {
            // What has a constructor is made by that, and this writes by name.
            if self.index.definition(member)?.is_some_and(|(f, d)| f.facts.def(d).kind == Kind::Constructor) {
                return Ok(0);
            }
        }
        let uses = self.uses_with_local(of)?;
        let mut count = u64::from(uses.len() > MOST_USES);
        for of_file in uses[..uses.len().min(MOST_USES)].chunk_by(|a, b| a.file == b.file) {
            let facts = self.index.facts(of_file[0].file)?;
            let source = self.index.source(of_file[0].file)?;
            for entry in of_file.iter().filter(|e| e.role != Role::Import) {
                let end = facts.facts.usage(UseId(entry.usage)).span.end as usize;
                let Some(behind) = source.source.text.get(end..) else { continue };
                let stands_within =
                    || facts.facts.find_enclosing(end as u32).is_some_and(|d| facts.facts.def(d).kind.is_type() || facts.facts.def(d).kind == Kind::Field);
                let is_part = behind_variables && !behind.trim_start().starts_with(['*', '&']) && stands_within();
                count += u64::from(is_part || holds_unnamed(behind, behind_variables));
            }
        }
        Ok(count)
    }
}

/// Does a list of values follow the name of its type, some of them without names?
fn holds_unnamed(behind: &str, behind_variables: bool) -> bool {
    let Some(open) = list_behind(behind, behind_variables) else { return false };
    let mut depth = 0u32;
    let mut is_first = false;
    for (at, c) in behind[open..].char_indices().take_while(|(at, _)| *at < LONGEST) {
        match c {
            '{' => {
                depth += 1;
                is_first = true;
            }
            '}' => {
                depth -= 1;
                is_first = false;
                if depth == 0 {
                    return false;
                }
            }
            _ if c.is_whitespace() || !is_first => {}
            _ => {
                is_first = false;
                if !is_named(&behind[open + at..]) {
                    return true;
                }
            }
        }
    }
    false
}

/// Where a list of values begins behind the name of a type: at once, or with a variable between; a body or a type that follows is none.
fn list_behind(behind: &str, behind_variables: bool) -> Option<usize> {
    let mut between = behind.char_indices().take_while(|(at, c)| *at < NEAR && !matches!(c, ';' | '(' | '*'));
    let open = between.find(|(_, c)| *c == '{')?.0;
    let between = behind[..open].trim();
    let has_variable = between.contains('=') || between.starts_with(|c: char| c.is_alphabetic() || c == '_');
    let is_list = open == 0 || behind_variables && (has_variable || between == ")");
    is_list.then_some(open)
}

/// Does a list begin with a name for its value: `.age = 1`, `Age: 1`, `"a": …`, `[3] = …`?
fn is_named(list: &str) -> bool {
    if list.starts_with(['.', '[']) {
        return true;
    }
    let name = list.find(|c: char| !(c.is_alphanumeric() || matches!(c, '_' | '.' | '"' | '\'' | '`'))).unwrap_or(list.len());
    list[name..].trim_start().starts_with(':') && !list[name..].trim_start().starts_with("::")
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::body(" {\n\treturn 1\n}", false)]
    #[case::derived(" { void turn(); };", false)]
    #[case::go("{1, 2}", true)]
    #[case::go_named("{Age: 1}", false)]
    #[case::go_nothing("{}", false)]
    #[case::go_several("{{1, 2}, {3, 4}}", true)]
    #[case::go_several_named("{{Age: 1}, {Age: 2}}", false)]
    #[case::go_table("{\"a\": {1, 2}}", true)]
    #[case::c(" second = { 1, 2 };", true)]
    #[case::c_named(" first = { .age = 1 };", false)]
    #[case::c_table(" all[] = { [0] = { 1, 2 } };", true)]
    #[case::c_literal("){ 1, 2 }", true)]
    #[case::declared(" *w;", false)]
    #[case::parameter(" *w) { w->age = 1; }", false)]
    fn lists_without_names_are_told(#[case] behind: &str, #[case] wanted: bool) {
        assert_eq!(holds_unnamed(behind, true), wanted);
    }
}
