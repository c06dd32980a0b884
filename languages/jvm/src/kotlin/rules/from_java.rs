//! What Java sees of Kotlin: properties as methods, objects and companions behind the names of classes.

use super::definition;
use super::members::KotlinMembers as _;
use crate::rules::members::Members as _;
use crate::rules::{Found, Names};
use compass_index::Certainty;
use compass_index::linking::{Evaluator, GlobalNameId, Ty};
use easy_ext::ext;

#[ext(FromJava)]
pub(crate) impl Evaluator<'_, '_> {
    /// Members of a type or value that Kotlin writes in another way than Java calls them.
    fn kotlin_from_java(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> Vec<Found> {
        let word = self.world.name(name);
        match names {
            Names::Methods => {
                let found = self.property_behind(of, word);
                if found.is_empty() { self.of_companion(of, name, names) } else { found }
            }
            Names::Values if word == "INSTANCE" => self.the_object(of),
            Names::Values => self.of_companion(of, name, names),
            _ => Vec::new(),
        }
    }

    /// `getName()`, `setName(…)`, `isName()` of the property `name`, or of `isName`.
    fn property_behind(&mut self, of: &Ty, word: &str) -> Vec<Found> {
        let is_written = word.starts_with("set");
        for prefix in ["get", "set", "is"] {
            let Some(rest) = word.strip_prefix(prefix).filter(|r| r.starts_with(|c: char| !c.is_lowercase())) else { continue };
            let mut letters = rest.chars();
            let first = letters.next().map(|c| c.to_lowercase().to_string()).unwrap_or_default();
            let plain = format!("{first}{}", letters.as_str());
            for property in [plain, format!("is{rest}")] {
                let Some(gid) = self.world.find_gid(&property) else { continue };
                self.world.dependency_log.note(gid);
                let (mut found, _) = self.java_find(of, gid, Names::Values);
                found.retain(|f| definition(&f.hit).is_some_and(|s| self.is_kotlin(s)));
                if !found.is_empty() && (is_written || prefix != "set") {
                    return found;
                }
            }
        }
        Vec::new()
    }

    /// What the companion of a class has, under the name of the class.
    fn of_companion(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> Vec<Found> {
        let Ty::Item(class, ..) = of else { return Vec::new() };
        if !self.is_kotlin(*class) {
            return Vec::new();
        }
        let Some(companion) = self.kotlin_companion(*class) else { return Vec::new() };
        self.java_find(&Ty::Value(companion, Ty::no_args()), name, names).0
    }

    fn the_object(&mut self, of: &Ty) -> Vec<Found> {
        match of {
            Ty::Item(class, ..) if self.is_kotlin(*class) => vec![Found { hit: self.by_name_hit(*class, Certainty::Proven), of: of.clone() }],
            _ => Vec::new(),
        }
    }
}
