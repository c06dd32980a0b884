package Hash::Util;

=head1 NAME

Hash::Util - Hashes whose keys are locked

=cut

our @EXPORT_OK = qw(fieldhash fieldhashes all_keys lock_keys unlock_keys lock_value unlock_value lock_hash unlock_hash lock_keys_plus hash_locked hash_unlocked hashref_locked hashref_unlocked hidden_keys legal_keys lock_ref_keys unlock_ref_keys lock_ref_value unlock_ref_value lock_hashref unlock_hashref lock_ref_keys_plus hidden_ref_keys legal_ref_keys hash_seed hash_value hv_store bucket_stats bucket_stats_formatted bucket_info bucket_array lock_hash_recurse unlock_hash_recurse lock_hashref_recurse unlock_hashref_recurse hash_traversal_mask bucket_ratio used_buckets num_buckets);
sub all_keys { }
sub bucket_array { }
sub bucket_info { }
sub bucket_ratio { }
sub bucket_stats { }
sub bucket_stats_formatted { }
sub hash_locked { }
sub hash_seed { }
sub hash_traversal_mask { }
sub hash_unlocked { }
sub hash_value { }
sub hashref_locked { }
sub hashref_unlocked { }
sub hidden_keys { }
sub hidden_ref_keys { }
sub hv_store { }
sub legal_keys { }
sub legal_ref_keys { }
sub lock_hash { }
sub lock_hash_recurse { }
sub lock_hashref { }
sub lock_hashref_recurse { }
sub lock_keys { }
sub lock_keys_plus { }
sub lock_ref_keys { }
sub lock_ref_keys_plus { }
sub lock_ref_value { }
sub lock_value { }
sub num_buckets { }
sub unlock_hash { }
sub unlock_hash_recurse { }
sub unlock_hashref { }
sub unlock_hashref_recurse { }
sub unlock_keys { }
sub unlock_ref_keys { }
sub unlock_ref_value { }
sub unlock_value { }
sub used_buckets { }
1;
