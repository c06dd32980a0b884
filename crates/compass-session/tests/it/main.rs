//! The service as a face uses it, without any.

mod jobs;
mod service;
