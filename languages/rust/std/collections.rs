//! Collections.

pub mod btree_map;
pub mod hash_map;

/// A map by hashes.
pub struct HashMap<K, V> { key: K, value: V }
impl<K, V> HashMap<K, V> {
    /// An empty one.
    pub fn new() -> HashMap<K, V>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// The keys.
    pub fn keys(&self) -> Keys<K, V>;
    /// The keys.
    pub fn into_keys(self) -> Keys<K, V>;
    /// The values.
    pub fn values(&self) -> Values<K, V>;
    /// The values, to be changed.
    pub fn values_mut(&mut self) -> Values<K, V>;
    /// The values.
    pub fn into_values(self) -> Values<K, V>;
    /// Goes through keys and values.
    pub fn iter(&self) -> Iter<K, V>;
    /// Goes through keys and values, to change the values.
    pub fn iter_mut(&mut self) -> Iter<K, V>;
    /// The place of a key.
    pub fn entry(&mut self, key: K) -> Entry<K, V>;
    /// The value of a key.
    pub fn get<Q: ?Sized>(&self, k: &Q) -> Option<&V>;
    /// Key and value of a key.
    pub fn get_key_value<Q: ?Sized>(&self, k: &Q) -> Option<(&K, &V)>;
    /// Is there such a key?
    pub fn contains_key<Q: ?Sized>(&self, k: &Q) -> bool;
    /// The value of a key, to be changed.
    pub fn get_mut<Q: ?Sized>(&mut self, k: &Q) -> Option<&mut V>;
    /// Sets the value of a key and gives the old one.
    pub fn insert(&mut self, k: K, v: V) -> Option<V>;
    /// Takes a key out.
    pub fn remove<Q: ?Sized>(&mut self, k: &Q) -> Option<V>;
    /// Takes a key out with its value.
    pub fn remove_entry<Q: ?Sized>(&mut self, k: &Q) -> Option<(K, V)>;
    /// Keeps what fulfils a condition.
    pub fn retain<F: FnMut(&K, &mut V) -> bool>(&mut self, f: F);
    /// An empty one with room for so many.
    pub fn with_capacity(capacity: usize) -> HashMap<K, V>;
    /// An empty one that hashes so.
    pub fn with_hasher<S>(hash_builder: S) -> HashMap<K, V>;
    /// The room.
    pub fn capacity(&self) -> usize;
    /// Makes room for so many more.
    pub fn reserve(&mut self, additional: usize);
    /// Gives back room that is not needed.
    pub fn shrink_to_fit(&mut self);
    /// Takes all out, one after the other.
    pub fn drain(&mut self) -> Iter<K, V>;
}
/// A map in the order of its keys.
pub struct BTreeMap<K, V> { key: K, value: V }
impl<K, V> BTreeMap<K, V> {
    /// An empty one.
    pub fn new() -> BTreeMap<K, V>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// The keys.
    pub fn keys(&self) -> Keys<K, V>;
    /// The keys.
    pub fn into_keys(self) -> Keys<K, V>;
    /// The values.
    pub fn values(&self) -> Values<K, V>;
    /// The values, to be changed.
    pub fn values_mut(&mut self) -> Values<K, V>;
    /// The values.
    pub fn into_values(self) -> Values<K, V>;
    /// Goes through keys and values.
    pub fn iter(&self) -> Iter<K, V>;
    /// Goes through keys and values, to change the values.
    pub fn iter_mut(&mut self) -> Iter<K, V>;
    /// The place of a key.
    pub fn entry(&mut self, key: K) -> Entry<K, V>;
    /// The value of a key.
    pub fn get<Q: ?Sized>(&self, k: &Q) -> Option<&V>;
    /// Key and value of a key.
    pub fn get_key_value<Q: ?Sized>(&self, k: &Q) -> Option<(&K, &V)>;
    /// Is there such a key?
    pub fn contains_key<Q: ?Sized>(&self, k: &Q) -> bool;
    /// The value of a key, to be changed.
    pub fn get_mut<Q: ?Sized>(&mut self, k: &Q) -> Option<&mut V>;
    /// Sets the value of a key and gives the old one.
    pub fn insert(&mut self, k: K, v: V) -> Option<V>;
    /// Takes a key out.
    pub fn remove<Q: ?Sized>(&mut self, k: &Q) -> Option<V>;
    /// Takes a key out with its value.
    pub fn remove_entry<Q: ?Sized>(&mut self, k: &Q) -> Option<(K, V)>;
    /// Keeps what fulfils a condition.
    pub fn retain<F: FnMut(&K, &mut V) -> bool>(&mut self, f: F);
    /// The least key.
    pub fn first_key_value(&self) -> Option<(&K, &V)>;
    /// Takes the least key out.
    pub fn pop_first(&mut self) -> Option<(K, V)>;
    /// The greatest key.
    pub fn last_key_value(&self) -> Option<(&K, &V)>;
    /// Takes the greatest key out.
    pub fn pop_last(&mut self) -> Option<(K, V)>;
    /// The place of the least key.
    pub fn first_entry(&mut self) -> Option<OccupiedEntry<K, V>>;
    /// Takes all of another.
    pub fn append(&mut self, other: &mut Self);
    /// A range of keys.
    pub fn range<R: RangeBounds<K>>(&self, range: R) -> Iter<K, V>;
    /// A range of keys, to change the values.
    pub fn range_mut<R: RangeBounds<K>>(&mut self, range: R) -> Iter<K, V>;
    /// Splits it in two at a key.
    pub fn split_off<Q: ?Sized>(&mut self, key: &Q) -> Self;
}
/// A set by hashes.
pub struct HashSet<T> { value: T }
impl<T> HashSet<T> {
    /// An empty one.
    pub fn new() -> HashSet<T>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// Goes through it.
    pub fn iter(&self) -> SetIter<T>;
    /// Those that are not in another.
    pub fn difference<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Those that are in one of both alone.
    pub fn symmetric_difference<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Those that are in both.
    pub fn intersection<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Those of both.
    pub fn union<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Is there such an element?
    pub fn contains<Q: ?Sized>(&self, value: &Q) -> bool;
    /// The element that is equal.
    pub fn get<Q: ?Sized>(&self, value: &Q) -> Option<&T>;
    /// Has it nothing in common?
    pub fn is_disjoint(&self, other: &Self) -> bool;
    /// Is all of it in another?
    pub fn is_subset(&self, other: &Self) -> bool;
    /// Is all of another in it?
    pub fn is_superset(&self, other: &Self) -> bool;
    /// Puts an element in; is it new?
    pub fn insert(&mut self, value: T) -> bool;
    /// Puts an element in and gives the equal one.
    pub fn replace(&mut self, value: T) -> Option<T>;
    /// Takes an element out.
    pub fn remove<Q: ?Sized>(&mut self, value: &Q) -> bool;
    /// Takes an element out and gives it.
    pub fn take<Q: ?Sized>(&mut self, value: &Q) -> Option<T>;
    /// Keeps what fulfils a condition.
    pub fn retain<F: FnMut(&T) -> bool>(&mut self, f: F);
    /// An empty one with room for so many.
    pub fn with_capacity(capacity: usize) -> HashSet<T>;
    /// Takes all out, one after the other.
    pub fn drain(&mut self) -> SetIter<T>;
}
/// A set in the order of its elements.
pub struct BTreeSet<T> { value: T }
impl<T> BTreeSet<T> {
    /// An empty one.
    pub fn new() -> BTreeSet<T>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// Goes through it.
    pub fn iter(&self) -> SetIter<T>;
    /// Those that are not in another.
    pub fn difference<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Those that are in one of both alone.
    pub fn symmetric_difference<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Those that are in both.
    pub fn intersection<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Those of both.
    pub fn union<'a>(&'a self, other: &'a Self) -> SetIter<T>;
    /// Is there such an element?
    pub fn contains<Q: ?Sized>(&self, value: &Q) -> bool;
    /// The element that is equal.
    pub fn get<Q: ?Sized>(&self, value: &Q) -> Option<&T>;
    /// Has it nothing in common?
    pub fn is_disjoint(&self, other: &Self) -> bool;
    /// Is all of it in another?
    pub fn is_subset(&self, other: &Self) -> bool;
    /// Is all of another in it?
    pub fn is_superset(&self, other: &Self) -> bool;
    /// Puts an element in; is it new?
    pub fn insert(&mut self, value: T) -> bool;
    /// Puts an element in and gives the equal one.
    pub fn replace(&mut self, value: T) -> Option<T>;
    /// Takes an element out.
    pub fn remove<Q: ?Sized>(&mut self, value: &Q) -> bool;
    /// Takes an element out and gives it.
    pub fn take<Q: ?Sized>(&mut self, value: &Q) -> Option<T>;
    /// Keeps what fulfils a condition.
    pub fn retain<F: FnMut(&T) -> bool>(&mut self, f: F);
    /// The least.
    pub fn first(&self) -> Option<&T>;
    /// The greatest.
    pub fn last(&self) -> Option<&T>;
    /// Takes the least out.
    pub fn pop_first(&mut self) -> Option<T>;
    /// Takes the greatest out.
    pub fn pop_last(&mut self) -> Option<T>;
    /// A range.
    pub fn range<R: RangeBounds<T>>(&self, range: R) -> SetIter<T>;
}
/// A queue with two ends.
pub struct VecDeque<T> { value: T }
impl<T> VecDeque<T> {
    /// An empty one.
    pub fn new() -> VecDeque<T>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// Goes through it.
    pub fn iter(&self) -> SetIter<T>;
    /// The first.
    pub fn front(&self) -> Option<&T>;
    /// The first, to be changed.
    pub fn front_mut(&mut self) -> Option<&mut T>;
    /// The last.
    pub fn back(&self) -> Option<&T>;
    /// The last, to be changed.
    pub fn back_mut(&mut self) -> Option<&mut T>;
    /// Takes the first out.
    pub fn pop_front(&mut self) -> Option<T>;
    /// Takes the last out.
    pub fn pop_back(&mut self) -> Option<T>;
    /// Adds one at the front.
    pub fn push_front(&mut self, value: T);
    /// Adds one at the back.
    pub fn push_back(&mut self, value: T);
    /// Takes all of another.
    pub fn append(&mut self, other: &mut Self);
    /// Is there such an element?
    pub fn contains(&self, x: &T) -> bool;
    /// Goes through it, to change it.
    pub fn iter_mut(&mut self) -> SetIter<T>;
    /// An empty one with room for so many.
    pub fn with_capacity(capacity: usize) -> VecDeque<T>;
    /// The element at an index.
    pub fn get(&self, index: usize) -> Option<&T>;
    /// The element at an index, to be changed.
    pub fn get_mut(&mut self, index: usize) -> Option<&mut T>;
    /// Takes a range out.
    pub fn drain<R: RangeBounds<usize>>(&mut self, range: R) -> SetIter<T>;
    /// Takes an element out.
    pub fn remove(&mut self, index: usize) -> Option<T>;
    /// Keeps what fulfils a condition.
    pub fn retain<F: FnMut(&T) -> bool>(&mut self, f: F);
    /// Cuts it off.
    pub fn truncate(&mut self, len: usize);
    /// Both halves as slices.
    pub fn as_slices(&self) -> (&[T], &[T]);
}
/// A list of links.
pub struct LinkedList<T> { value: T }
impl<T> LinkedList<T> {
    /// An empty one.
    pub fn new() -> LinkedList<T>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// Goes through it.
    pub fn iter(&self) -> SetIter<T>;
    /// The first.
    pub fn front(&self) -> Option<&T>;
    /// The first, to be changed.
    pub fn front_mut(&mut self) -> Option<&mut T>;
    /// The last.
    pub fn back(&self) -> Option<&T>;
    /// The last, to be changed.
    pub fn back_mut(&mut self) -> Option<&mut T>;
    /// Takes the first out.
    pub fn pop_front(&mut self) -> Option<T>;
    /// Takes the last out.
    pub fn pop_back(&mut self) -> Option<T>;
    /// Adds one at the front.
    pub fn push_front(&mut self, value: T);
    /// Adds one at the back.
    pub fn push_back(&mut self, value: T);
    /// Takes all of another.
    pub fn append(&mut self, other: &mut Self);
    /// Is there such an element?
    pub fn contains(&self, x: &T) -> bool;
    /// Goes through it, to change it.
    pub fn iter_mut(&mut self) -> SetIter<T>;
}
/// A queue whose greatest element is taken first.
pub struct BinaryHeap<T> { value: T }
impl<T> BinaryHeap<T> {
    /// An empty one.
    pub fn new() -> BinaryHeap<T>;
    /// How many there are.
    pub fn len(&self) -> usize;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// Takes all out.
    pub fn clear(&mut self);
    /// Goes through it.
    pub fn iter(&self) -> SetIter<T>;
    /// The greatest.
    pub fn peek(&self) -> Option<&T>;
    /// Takes the greatest out.
    pub fn pop(&mut self) -> Option<T>;
    /// Adds one.
    pub fn push(&mut self, item: T);
    /// The elements, sorted.
    pub fn into_sorted_vec(self) -> Vec<T>;
    /// The elements in any order.
    pub fn into_vec(self) -> Vec<T>;
    /// An empty one with room for so many.
    pub fn with_capacity(capacity: usize) -> BinaryHeap<T>;
}
/// The place of a key.
pub enum Entry<K, V> {
    /// It has a value.
    Occupied(OccupiedEntry<K, V>),
    /// It has none.
    Vacant(VacantEntry<K, V>),
}
impl<K, V> Entry<K, V> {
    /// The value, put in where there is none.
    pub fn or_insert(self, default: V) -> &mut V;
    /// The value, made where there is none.
    pub fn or_insert_with<F: FnOnce() -> V>(self, default: F) -> &mut V;
    /// The value, the default where there is none.
    pub fn or_default(self) -> &mut V;
    /// The key.
    pub fn key(&self) -> &K;
    /// Changes the value that is there.
    pub fn and_modify<F: FnOnce(&mut V)>(self, f: F) -> Self;
}
/// The place of a key with a value.
pub struct OccupiedEntry<K, V> { key: K, value: V }
impl<K, V> OccupiedEntry<K, V> {
    /// The key.
    pub fn key(&self) -> &K;
    /// The value.
    pub fn get(&self) -> &V;
    /// The value, to be changed.
    pub fn get_mut(&mut self) -> &mut V;
    /// The value, to be changed, for as long as the map.
    pub fn into_mut(self) -> &mut V;
    /// Sets the value and gives the old one.
    pub fn insert(&mut self, value: V) -> V;
    /// Takes the value out.
    pub fn remove(self) -> V;
}
/// The place of a key without a value.
pub struct VacantEntry<K, V> { key: K, value: V }
impl<K, V> VacantEntry<K, V> {
    /// The key.
    pub fn key(&self) -> &K;
    /// Sets the value.
    pub fn insert(self, value: V) -> &mut V;
}
/// Goes through keys and values.
pub struct Iter<K, V> { key: K, value: V }
/// Goes through keys.
pub struct Keys<K, V> { key: K, value: V }
/// Goes through values.
pub struct Values<K, V> { key: K, value: V }
/// Goes through elements.
pub struct SetIter<T> { value: T }
