//! Make, container images, and documents that say how things are run or called.

use crate::{docker, document, make};
use compass_facts::Language;
use compass_facts::profile::{Modules, PLAIN, Packages, Profile, Qualifier, Standard, Words, usual, words};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

/// Variables that make sets by itself.
static VARIABLES: Words = Words::new(|| words(include_str!("data/make.txt")));

/// The generic grammar of documents; what braces hold in one language is also a document in the other.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_yaml::LANGUAGE.into());

/// Makefiles.
pub const MAKE: Language = Language::of(&MAKEFILES);
/// Descriptions of container images.
pub const DOCKER: Language = Language::of(&IMAGES);
/// Services, scripts of packages, descriptions of interfaces.
pub const MANIFEST: Language = Language::of(&DOCUMENTS);

const MODULES: Modules = Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder };
const PACKAGES: Packages = Packages { of_import: usual::whole, advice: "a root that holds the file would show it" };

static MAKEFILES: Profile = Profile {
    word: "make",
    stored_word: "make",
    family: "manifest",
    endings: &["mk", "mak"],
    file_names: &["Makefile", "makefile", "GNUmakefile", "Makefile.*", "makefile.*"],
    read: |text, cancel| Some(make::read(text, cancel)),
    tokens: Some(make::tokens),
    lexis: usual::HASHES,
    modules: MODULES,
    packages: PACKAGES,
    standard: Standard { is_name: |name| VARIABLES.contains(name), ..PLAIN.standard },
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::ManifestRules)),
    ..PLAIN
};

static IMAGES: Profile = Profile {
    word: "docker",
    stored_word: "docker",
    family: "manifest",
    endings: &["dockerfile", "containerfile"],
    file_names: &["Dockerfile", "Containerfile", "Dockerfile.*", "Containerfile.*"],
    read: |text, cancel| Some(docker::read(text, cancel)),
    tokens: Some(docker::tokens),
    lexis: usual::HASHES,
    modules: MODULES,
    packages: PACKAGES,
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::ManifestRules)),
    meets_others: true,
    frameworks: Some(&FrameworksPart(&crate::frameworks::ManifestFrameworks)),
    ..PLAIN
};

static DOCUMENTS: Profile = Profile {
    word: "manifest",
    stored_word: "manifest",
    family: "manifest",
    file_names: &[
        "package.json",
        "compose*.yml",
        "compose*.yaml",
        "docker-compose*.yml",
        "docker-compose*.yaml",
        "openapi*.yaml",
        "openapi*.yml",
        "openapi*.json",
        "*.openapi.yaml",
        "*.openapi.json",
        "swagger*.yaml",
        "swagger*.yml",
        "swagger*.json",
    ],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::MANIFEST, text, cancel, document::read),
    lexis: usual::HASHES,
    modules: MODULES,
    packages: PACKAGES,
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::ManifestRules)),
    meets_others: true,
    frameworks: Some(&FrameworksPart(&crate::frameworks::ManifestFrameworks)),
    ..PLAIN
};
