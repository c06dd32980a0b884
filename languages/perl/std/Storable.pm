package Storable;

=head1 NAME

Storable - Keeps values in files and copies them deeply

=cut

our @EXPORT = qw(store retrieve);
our @EXPORT_OK = qw(nstore store_fd nstore_fd fd_retrieve freeze nfreeze thaw dclone retrieve_fd lock_store lock_nstore lock_retrieve file_magic read_magic BLESS_OK TIE_OK FLAGS_COMPAT stack_depth stack_depth_hash);
sub BIN_MAJOR { }
sub BIN_MINOR { }
sub BIN_VERSION_NV { }
sub BIN_WRITE_MINOR { }
sub BIN_WRITE_VERSION_NV { }
sub BLESS_OK { }
sub CAN_FLOCK { }
sub CLONE { }
sub FLAGS_COMPAT { }
sub LOCK_EX { }
sub LOCK_NB { }
sub LOCK_SH { }
sub LOCK_UN { }
sub TIE_OK { }
sub dclone { }
sub fd_retrieve { }
sub file_magic { }
sub freeze { }
sub init_perinterp { }
sub is_retrieving { }
sub is_storing { }
sub last_op_in_netorder { }
sub lock_nstore { }
sub lock_retrieve { }
sub lock_store { }
sub mretrieve { }
sub mstore { }
sub net_mstore { }
sub net_pstore { }
sub nfreeze { }
sub nstore { }
sub nstore_fd { }
sub pretrieve { }
sub pstore { }
sub read_magic { }
sub retrieve { }
sub retrieve_fd { }
sub show_file_magic { }
sub stack_depth { }
sub stack_depth_hash { }
sub store { }
sub store_fd { }
sub thaw { }
1;
