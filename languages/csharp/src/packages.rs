//! Projects: `.csproj`, with the projects they refer to.

use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use compass_index::plan::{Plan, own_units, tidy};
use compass_index::tree::disk;
use quick_xml::Reader;
use quick_xml::events::{BytesStart, Event};
use std::path::{Path, PathBuf};

/// `*.csproj`.
pub const NUGET: Ecosystem = Ecosystem(&Nuget);

struct Nuget;

impl Packaging for Nuget {
    fn word(&self) -> &'static str {
        "nuget"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["*.csproj"]
    }

    fn read(&self, _: &Path, file: &str, text: &str) -> Option<Manifest> {
        Some(project(file, text))
    }

    fn built_folders(&self) -> &'static [&'static str] {
        &["obj"]
    }

    fn beside(&self, plan: &Plan) -> Vec<(usize, String, usize)> {
        let own = own_units(plan, NUGET);
        let mut out = Vec::new();
        for (unit, dir) in &own {
            for place in referred(dir) {
                if let Some((other, _)) = own.iter().find(|(_, d)| *d == place) {
                    out.push((*unit, plan.units[*other].name.clone(), *other));
                }
            }
        }
        out
    }
}

/// A project is called as it says, or like its file.
fn project(file: &str, text: &str) -> Manifest {
    let said = |key: &str| element(text, key);
    let name = said("PackageId").or_else(|| said("AssemblyName")).unwrap_or_else(|| file.trim_end_matches(".csproj").to_owned());
    Manifest::new(NUGET, Some(name), said("Version"))
}

/// The text of the first element of a name, without variables in it.
fn element(text: &str, name: &str) -> Option<String> {
    let mut reader = Reader::from_str(text);
    let mut is_open = false;
    loop {
        match reader.read_event() {
            Ok(Event::Start(tag)) => is_open = tag.local_name().as_ref() == name,
            Ok(Event::Text(words)) if is_open => {
                let words = words.trim().to_owned();
                return (!words.is_empty() && !words.contains('$')).then_some(words);
            }
            Ok(Event::End(_)) => is_open = false,
            // What follows a mistake is not read.
            Ok(Event::Eof) | Err(_) => return None,
            Ok(_) => {}
        }
    }
}

/// The folders of the projects that those of a folder refer to.
fn referred(dir: &Path) -> Vec<PathBuf> {
    let projects = disk::entries(dir).into_iter().filter(|p| p.extension().is_some_and(|e| e == "csproj"));
    let mut out = Vec::new();
    for text in projects.filter_map(|p| disk::read_text(p).ok()) {
        let mut reader = Reader::from_str(&text);
        while let Ok(event) = reader.read_event() {
            match event {
                Event::Start(tag) | Event::Empty(tag) if tag.local_name().as_ref() == "ProjectReference" => {
                    out.extend(included(&tag).and_then(|p| Some(tidy(&dir.join(p)).parent()?.to_owned())));
                }
                Event::Eof => break,
                _ => {}
            }
        }
    }
    out
}

fn included(tag: &BytesStart) -> Option<String> {
    let value = tag.try_get_attribute("Include").ok().flatten()?;
    Some(value.value.replace('\\', "/"))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::of_its_file("<Project Sdk=\"Microsoft.NET.Sdk\"></Project>", "Larder.Kiosk", None)]
    #[case::of_its_assembly("<Project><PropertyGroup><AssemblyName>kiosk</AssemblyName><Version>1.2</Version></PropertyGroup></Project>", "kiosk", Some("1.2"))]
    #[case::variables_say_nothing("<Project><PropertyGroup><AssemblyName>$(X)</AssemblyName></PropertyGroup></Project>", "Larder.Kiosk", None)]
    #[case::broken("<Project><PropertyGroup><Vers", "Larder.Kiosk", None)]
    fn projects_have_names(#[case] text: &str, #[case] name: &str, #[case] version: Option<&str>) {
        let manifest = project("Larder.Kiosk.csproj", text);
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some(name), version));
    }

    #[test]
    fn references_lead_to_folders() {
        let dir = tempfile::tempdir().expect("a folder");
        let kiosk = dir.path().join("kiosk");
        std::fs::create_dir_all(&kiosk).expect("folders");
        let text = "<Project><ItemGroup><ProjectReference Include=\"..\\core\\Core.csproj\" /></ItemGroup></Project>";
        std::fs::write(kiosk.join("Kiosk.csproj"), text).expect("a file");
        assert_eq!(referred(&kiosk), [dir.path().join("core")]);
    }
}
