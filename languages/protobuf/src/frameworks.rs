//! Services, for what calls and serves them.

use compass_facts::{DefId, Kind};
use compass_index::{PassInput, Place};
use compass_trace::crossings::frameworks::{Frameworks, Service};

/// See the module.
pub(crate) struct ProtobufFrameworks;

impl Frameworks for ProtobufFrameworks {
    fn services(&self, input: &PassInput) -> Vec<Service> {
        (0..input.files.len()).filter(|f| input.files[*f].language == crate::PROTOBUF).flat_map(|file| of_file(input, file)).collect()
    }
}

fn of_file(input: &PassInput, file: usize) -> Vec<Service> {
    let facts = input.files[file].facts;
    let all = || facts.definitions.iter().enumerate().map(|(i, d)| (DefId(i as u32), d));
    let procedures = |service: DefId| {
        let own = all().filter(|(_, d)| d.kind == Kind::Method && d.container == Some(service));
        own.map(|(def, d)| (facts.name(d.name).to_owned(), Place { file, def })).collect()
    };
    let services = all().filter(|(_, d)| d.kind == Kind::Interface);
    services.map(|(def, d)| Service { name: facts.name(d.name).to_owned(), place: Place { file, def }, procedures: procedures(def) }).collect()
}
