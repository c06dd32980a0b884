//! The rows of a page on several threads.

/// Fewer rows than this are not worth a thread.
const FEW: usize = 12;

/// `make` for each item, in order; the first mistake ends it.
///
/// # Errors
/// Those of `make`.
pub(super) fn each<T: Sync, A: Send, E: Send>(items: &[T], make: &(dyn Fn(&T) -> Result<A, E> + Sync)) -> Result<Vec<A>, E> {
    let threads = std::thread::available_parallelism().map_or(1, |n| n.get()).min(items.len() / FEW);
    if threads < 2 {
        return items.iter().map(make).collect();
    }
    // Neighbours stand in the same file, which is loaded once where one thread has them.
    let size = items.len().div_ceil(threads);
    let parts: Vec<Result<Vec<A>, E>> = std::thread::scope(|scope| {
        let others: Vec<_> = items.chunks(size).skip(1).map(|part| scope.spawn(move || part.iter().map(make).collect())).collect();
        let mut parts = vec![items[..size].iter().map(make).collect()];
        parts.extend(others.into_iter().map(|o| o.join().unwrap_or_else(|panic| std::panic::resume_unwind(panic))));
        parts
    });
    let mut out = Vec::with_capacity(items.len());
    for part in parts {
        out.extend(part?);
    }
    Ok(out)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::none(0)]
    #[case::few(5)]
    #[case::an_odd_number(1001)]
    fn order_is_kept(#[case] count: u32) {
        let items: Vec<u32> = (0..count).collect();
        let doubled = each(&items, &|i| Ok::<u32, ()>(i * 2)).expect("no mistakes");
        assert_eq!(doubled, items.iter().map(|i| i * 2).collect::<Vec<_>>());
    }

    #[test]
    fn a_mistake_anywhere_ends_it() {
        let items: Vec<u32> = (0..100).collect();
        assert_eq!(each(&items, &|i| if *i == 70 { Err(*i) } else { Ok(*i) }), Err(70));
    }
}
