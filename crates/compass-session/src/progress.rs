//! How far indexing is, in words.

use compass_index::Phase;
use std::time::Duration;

/// Who writes the index.
pub fn waiting(process: u32) -> String {
    let who = if process == 0 { "another program".to_owned() } else { format!("process {process}") };
    format!("{who} is bringing this index up to date; waiting for it")
}

/// Phase, how far, how fast, how long still.
pub fn text(phase: Phase, done: u64, total: u64, elapsed: Duration) -> String {
    let seconds = elapsed.as_secs_f64();
    let rate = if seconds > 0.2 { done as f64 / seconds } else { 0.0 };
    let amount = |n: f64| if phase == Phase::Read { format!("{:.1} MB", n / 1e6) } else { format!("{n:.0} files") };
    let mut out = format!("{:5} {}", phase.word(), amount(done as f64));
    if total > 0 {
        out += &format!(" of {} ({:.0} %)", amount(total as f64), 100.0 * done as f64 / total as f64);
    }
    if rate > 0.0 {
        out += &format!(", {}/s", amount(rate));
        if total > done {
            out += &format!(", {:.0} s left", (total - done) as f64 / rate);
        }
    }
    out
}
