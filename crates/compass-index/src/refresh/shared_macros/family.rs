//! The shared macros of the languages of one family.

use super::definitions::{AllDefinitions, name_hash};
use super::{Asking, Files};
use crate::FileId;
use crate::macro_record::{Asked, FamilyRecord, LookedFor};
use compass_facts::surroundings::{MacroShape, SharedMacros, WrittenMacro};
use rustc_hash::{FxHashMap, FxHashSet};
use std::ops::Range;
use std::sync::{Arc, Mutex, OnceLock};

/// Of a macro that more files define only the definitions in the first count.
const MOST_DEFINERS: usize = 32;
/// So many bytes of files with definitions are kept for the next look.
const MOST_TEXT_BYTES: usize = 64 << 20;

/// A macro that a reader asked for.
struct Told {
    shape: Arc<MacroShape>,
    /// Macros that were looked for to tell it.
    needs: Vec<String>,
}

/// See the module.
pub(super) struct Family<'r> {
    pub(super) word: &'static str,
    shared: &'r dyn SharedMacros,
    /// What the run before knew; nothing where all must be looked for.
    record: Option<&'r FamilyRecord>,
    /// Macros whose definitions are not those of the record.
    changed: FxHashSet<String>,
    all: OnceLock<AllDefinitions>,
    told: Mutex<FxHashMap<String, Told>>,
    looked_for: Mutex<FxHashMap<String, Vec<(FileId, u64)>>>,
    texts: Mutex<FxHashMap<usize, Arc<Vec<u8>>>>,
    /// Positions of files by id, for what the record names.
    places: OnceLock<FxHashMap<FileId, usize>>,
}

impl<'r> Family<'r> {
    pub(super) fn new(word: &'static str, shared: &'r dyn SharedMacros, record: Option<&'r FamilyRecord>) -> Family<'r> {
        Family {
            word,
            shared,
            record,
            changed: FxHashSet::default(),
            all: OnceLock::new(),
            told: Mutex::default(),
            looked_for: Mutex::default(),
            texts: Mutex::default(),
            places: OnceLock::new(),
        }
    }

    /// Finds the macros whose definitions are others than those the record tells of.
    pub(super) fn compare(&mut self, files: &Files, open: &[usize], gone: &FxHashSet<FileId>) {
        let Some(record) = self.record else { return };
        let known = |name: &str| record.looked_for.binary_search_by(|l| l.name.as_str().cmp(name)).ok().map(|i| record.looked_for[i].name.as_str());
        let looked_at: FxHashSet<FileId> = open.iter().map(|i| files.ids[*i]).chain(gone.iter().copied()).collect();
        let mut defined_before: FxHashMap<FileId, Vec<(&str, u64)>> = FxHashMap::default();
        for looked in &record.looked_for {
            for (file, hash) in looked.definers.iter().filter(|d| looked_at.contains(&d.0)) {
                defined_before.entry(*file).or_default().push((looked.name.as_str(), *hash));
            }
        }
        let mut changed: FxHashSet<String> = FxHashSet::default();
        let of_gone = defined_before.iter().filter(|d| gone.contains(d.0)).flat_map(|d| d.1);
        changed.extend(of_gone.map(|n| n.0.to_owned()));
        let is_own = |i: &usize| !files.plan.units[files.plan.files[*i].unit].is_declared();
        for &i in open.iter().filter(|i| files.plan.files[**i].language.profile().family == self.word && is_own(i)) {
            let bytes = files.bytes(i);
            let mut now: FxHashMap<&str, u64> = FxHashMap::default();
            self.shared.definitions(&bytes, &mut |name, place| {
                if let Some(name) = std::str::from_utf8(name).ok().and_then(known) {
                    let hash = now.entry(name).or_default();
                    *hash = mixed(*hash, &bytes[place]);
                }
            });
            let before: FxHashMap<&str, u64> = defined_before.get(&files.ids[i]).into_iter().flatten().copied().collect();
            let differs = |name: &&str| before.get(name) != now.get(name);
            changed.extend(before.keys().chain(now.keys()).filter(|n| differs(n)).map(|n| (*n).to_owned()));
        }
        self.changed = changed;
    }

    /// Files that asked for a macro that makes other names now.
    pub(super) fn reached(&self, files: &Files) -> Vec<FileId> {
        let Some(record) = self.record else { return Vec::new() };
        if self.changed.is_empty() {
            return Vec::new();
        }
        let hangs = |asked: &Asked| asked.needs.iter().any(|n| self.changed.contains(&record.looked_for[*n as usize].name));
        let others: FxHashSet<u32> = (0..record.asked.len() as u32)
            .filter(|i| {
                let asked = &record.asked[*i as usize];
                hangs(asked) && self.shape(&asked.name, files).digest != asked.digest
            })
            .collect();
        record.files.iter().filter(|f| f.1.iter().any(|a| others.contains(a))).map(|f| f.0).collect()
    }

    /// What calls of a macro make now.
    pub(super) fn shape(&self, name: &str, files: &Files) -> Arc<MacroShape> {
        if let Some(told) = crate::lock(&self.told).get(name) {
            return told.shape.clone();
        }
        let told = self.told_before(name).unwrap_or_else(|| self.tell(name, files));
        crate::lock(&self.told).entry(name.to_owned()).or_insert(told).shape.clone()
    }

    /// A macro of which the record says that its calls make nothing, if that still holds.
    fn told_before(&self, name: &str) -> Option<Told> {
        let record = self.record?;
        let at = record.asked.binary_search_by(|a| a.name.as_str().cmp(name)).ok()?;
        let asked = record.asked.get(at).filter(|a| a.digest == 0)?;
        let needs: Vec<String> = asked.needs.iter().map(|n| record.looked_for[*n as usize].name.clone()).collect();
        let holds = needs.iter().all(|n| !self.changed.contains(n));
        holds.then(|| Told { shape: Arc::new(MacroShape { digest: 0, value: None }), needs })
    }

    fn tell(&self, name: &str, files: &Files) -> Told {
        let mut needs = Vec::new();
        let shape = self.shared.shape(name, &mut |wanted| {
            needs.push(wanted.to_owned());
            self.look_for(wanted, files)
        });
        needs.sort_unstable();
        needs.dedup();
        Told { shape: Arc::new(shape), needs }
    }

    /// The definitions of a macro.
    fn look_for(&self, name: &str, files: &Files) -> Vec<WrittenMacro> {
        let places: Vec<(usize, Range<usize>)> = match self.definers_before(name, files) {
            Some(definers) => definers.into_iter().flat_map(|i| self.places_in(i, name, files)).collect(),
            None => self.all.get_or_init(|| AllDefinitions::find(files, self.word, self.shared)).of(name).collect(),
        };
        let mut definers: Vec<(FileId, u64)> = Vec::new();
        let mut out = Vec::new();
        for (file, place) in places {
            let id = files.ids[file];
            if definers.last().is_none_or(|d| d.0 != id) {
                if definers.len() == MOST_DEFINERS {
                    break;
                }
                definers.push((id, 0));
            }
            let text = self.text(file, files);
            let Some(written) = text.get(place).filter(|t| t.starts_with(name.as_bytes())) else { continue };
            if let Some(last) = definers.last_mut() {
                last.1 = mixed(last.1, written);
            }
            let path: Arc<str> = files.plan.files[file].path.as_str().into();
            out.push(WrittenMacro { path, text: String::from_utf8_lossy(written).into_owned() });
        }
        crate::lock(&self.looked_for).entry(name.to_owned()).or_insert(definers);
        out
    }

    /// Files with definitions of a macro by the record, if it still holds.
    fn definers_before(&self, name: &str, files: &Files) -> Option<Vec<usize>> {
        let record = self.record.filter(|_| self.all.get().is_none() && !self.changed.contains(name))?;
        let at = record.looked_for.binary_search_by(|l| l.name.as_str().cmp(name)).ok()?;
        let places = self.places.get_or_init(|| files.ids.iter().enumerate().map(|(i, id)| (*id, i)).collect());
        let mut found: Vec<usize> = record.looked_for[at].definers.iter().filter_map(|d| places.get(&d.0).copied()).collect();
        found.sort_unstable();
        Some(found)
    }

    fn places_in(&self, file: usize, name: &str, files: &Files) -> Vec<(usize, Range<usize>)> {
        let text = self.text(file, files);
        let mut out = Vec::new();
        self.shared.definitions(&text, &mut |found, place| {
            if found == name.as_bytes() {
                out.push((file, place));
            }
        });
        out
    }

    fn text(&self, file: usize, files: &Files) -> Arc<Vec<u8>> {
        if let Some(known) = crate::lock(&self.texts).get(&file) {
            return known.clone();
        }
        let text = Arc::new(files.bytes(file));
        let mut texts = crate::lock(&self.texts);
        if texts.values().map(|t| t.len()).sum::<usize>() > MOST_TEXT_BYTES {
            texts.clear();
        }
        texts.insert(file, text.clone());
        text
    }

    /// Would the next run have to know what this one knew from the one before?
    pub(super) fn is_as_before(&self, asked: Option<&FxHashMap<FileId, Asking>>) -> bool {
        let Some(record) = self.record.filter(|_| self.changed.is_empty()) else { return false };
        let Some(asked) = asked else { return true };
        let mut known: FxHashMap<FileId, &Vec<u32>> = record.files.iter().filter(|f| asked.contains_key(&f.0)).map(|f| (f.0, &f.1)).collect();
        let none = Vec::new();
        asked.iter().all(|(file, asking)| {
            let before = known.remove(file).unwrap_or(&none);
            let same = |(now, at): (&(String, u64), &u32)| record.asked.get(*at as usize).is_some_and(|a| a.name == now.0 && a.digest == now.1);
            before.len() == asking.len() && asking.iter().zip(before).all(same)
        })
    }

    /// What the next run has to know: what files asked for now, and what those said that were not read.
    pub(super) fn record(&self, files: &Files, mut asked: FxHashMap<FileId, Asking>) -> FamilyRecord {
        let empty = FamilyRecord::default();
        let old = self.record.unwrap_or(&empty);
        let before: FxHashMap<FileId, &Vec<u32>> = old.files.iter().map(|f| (f.0, &f.1)).collect();
        let mut by_file: Vec<(FileId, Vec<String>)> = Vec::new();
        for id in &files.ids {
            let names: Vec<String> = match (asked.remove(id), before.get(id)) {
                (Some(asking), _) => asking.into_iter().map(|a| a.0).collect(),
                (None, Some(known)) => known.iter().map(|a| old.asked[*a as usize].name.clone()).collect(),
                (None, None) => continue,
            };
            if !names.is_empty() {
                by_file.push((*id, names));
            }
        }
        let told = crate::lock(&self.told);
        let old_asked: FxHashMap<&str, &Asked> = old.asked.iter().map(|a| (a.name.as_str(), a)).collect();
        let mut names: Vec<&String> = by_file.iter().flat_map(|f| &f.1).collect();
        names.sort_unstable();
        names.dedup();
        let with_needs: Vec<(&String, u64, Vec<String>)> = names
            .iter()
            .map(|name| match (told.get(*name), old_asked.get(name.as_str())) {
                (Some(told), _) => (*name, told.shape.digest, told.needs.clone()),
                (None, Some(asked)) => (*name, asked.digest, asked.needs.iter().map(|n| old.looked_for[*n as usize].name.clone()).collect()),
                (None, None) => (*name, 0, Vec::new()),
            })
            .collect();
        let looked_for = self.all_looked_for(old, &with_needs);
        let position: FxHashMap<&str, u32> = looked_for.iter().enumerate().map(|(i, l)| (l.name.as_str(), i as u32)).collect();
        let place: FxHashMap<&str, u32> = names.iter().enumerate().map(|(i, n)| (n.as_str(), i as u32)).collect();
        let in_order = |(file, names): &(FileId, Vec<String>)| (*file, names.iter().map(|n| place[n.as_str()]).collect());
        let asked = with_needs
            .iter()
            .map(|(name, digest, needs)| Asked {
                name: (*name).clone(),
                digest: *digest,
                needs: needs.iter().filter_map(|n| position.get(n.as_str()).copied()).collect(),
            })
            .collect();
        FamilyRecord { family: self.word.to_owned(), files: by_file.iter().map(in_order).collect(), asked, looked_for }
    }

    /// Where the needed macros are defined, by name.
    fn all_looked_for(&self, old: &FamilyRecord, with_needs: &[(&String, u64, Vec<String>)]) -> Vec<LookedFor> {
        let now = crate::lock(&self.looked_for);
        let before: FxHashMap<&str, &LookedFor> = old.looked_for.iter().map(|l| (l.name.as_str(), l)).collect();
        let mut names: Vec<&String> = with_needs.iter().flat_map(|n| &n.2).collect();
        names.sort_unstable();
        names.dedup();
        let definers = |name: &str| now.get(name).or_else(|| before.get(name).map(|l| &l.definers)).cloned().unwrap_or_default();
        names.into_iter().map(|name| LookedFor { name: name.clone(), definers: definers(name) }).collect()
    }
}

/// A hash of texts one after the other.
fn mixed(hash: u64, text: &[u8]) -> u64 {
    hash.rotate_left(9) ^ name_hash(text)
}
