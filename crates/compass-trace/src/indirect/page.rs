//! A file as a search for values needs it.

use crate::{AnswerError, Engine};
use compass_facts::{DefId, Flow};
use compass_index::{Certainty, FileFacts, FileId, FileLinks, SymbolId};
use std::sync::Arc;

/// One file with what it says and means.
pub(super) struct Page {
    pub id: FileId,
    pub facts: Arc<FileFacts>,
    links: std::cell::OnceCell<Arc<FileLinks>>,
}

impl Page {
    /// The function around, or the file.
    pub fn around(&self, def: Option<DefId>) -> SymbolId {
        def.map_or(SymbolId::module(self.id), |d| SymbolId { file: self.id, number: self.facts.number(d) })
    }
}

impl Engine {
    pub(super) fn page(&self, file: FileId) -> Result<Page, AnswerError> {
        Ok(Page { id: file, facts: self.index.facts(file)?, links: std::cell::OnceCell::new() })
    }

    /// What the name at an offset means. Links are read only for names that something outside of the file may have.
    pub(super) fn meaning(&self, page: &Page, offset: u32) -> Result<Option<SymbolId>, AnswerError> {
        let facts = &page.facts.facts;
        let symbol = |def: DefId| SymbolId { file: page.id, number: page.facts.number(def) };
        let Some(usage) = facts.find_use_at(offset) else { return Ok(facts.find_definition_at(offset).map(symbol)) };
        if let Some(def) = facts.usage(usage).local {
            return Ok(Some(symbol(def)));
        }
        if page.links.get().is_none() {
            let _ = page.links.set(self.index.links(page.id)?);
        }
        let link = page.links.get().and_then(|l| l.find(usage));
        Ok(link.filter(|l| l.certainty > Certainty::Guessed).and_then(|l| l.targets.first().copied()))
    }
}

/// Flows of the value that stands at an offset.
pub(super) fn flows_of(page: &Page, offset: u32) -> impl Iterator<Item = &Flow> {
    let flows = &page.facts.facts.flows;
    let first = flows.partition_point(|f| f.value < offset);
    flows[first..].iter().take_while(move |f| f.value == offset)
}
