//! The rows of a page on several threads.

use rayon::prelude::*;

/// Fewer rows than this are not worth a thread.
const FEW: usize = 12;

/// As [`each`], for items that each need a file of their own to be loaded.
///
/// # Errors
/// Those of `make`.
pub(crate) fn each_alone<T: Sync, A: Send, E: Send>(items: &[T], make: &(dyn Fn(&T) -> Result<A, E> + Sync)) -> Result<Vec<A>, E> {
    if items.len() < 2 { items.iter().map(make).collect() } else { items.par_iter().map(make).collect() }
}

/// `make` for each item, in order; a mistake ends it. Threads are kept: a new one would begin with memory of its own.
///
/// # Errors
/// Those of `make`.
pub(crate) fn each<T: Sync, A: Send, E: Send>(items: &[T], make: &(dyn Fn(&T) -> Result<A, E> + Sync)) -> Result<Vec<A>, E> {
    let threads = rayon::current_num_threads().min(items.len() / FEW);
    if threads < 2 {
        return items.iter().map(make).collect();
    }
    // Neighbours stand in the same file, which is loaded once where one thread has them; more parts than threads, since
    // some files are much larger than others.
    let parts: Result<Vec<Vec<A>>, E> = items.par_chunks(items.len().div_ceil(threads * 4)).map(|part| part.iter().map(make).collect()).collect();
    Ok(parts?.into_iter().flatten().collect())
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
        assert_eq!(each_alone(&items, &|i| Ok::<u32, ()>(i * 2)), Ok(doubled));
    }

    #[test]
    fn a_mistake_anywhere_ends_it() {
        let items: Vec<u32> = (0..100).collect();
        assert_eq!(each(&items, &|i| if *i == 70 { Err(*i) } else { Ok(*i) }), Err(70));
    }
}
