//! Packages of npm: they stand below the roots in any case; here are the links by which some managers and workspaces lay them out.

use crate::plan::Plan;

/// Gives links below package folders a tidy order: the linker looks them up.
pub(super) fn settle_links(plan: &mut Plan) {
    plan.build.links.sort();
    plan.build.links.dedup();
}
