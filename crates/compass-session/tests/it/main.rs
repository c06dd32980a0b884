//! The service as a face uses it, without any.

mod figures;
mod jobs;
mod service;
