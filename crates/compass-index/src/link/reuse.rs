//! What a link depended on, and links that hold in other workspaces.

pub(super) mod dependency_log;
pub(super) mod needs;
pub(super) mod portable_links;
