package DB_File;

=head1 NAME

DB_File - Files of keys and values

=cut

our @ISA = qw(Tie::Hash);
our @EXPORT = qw($DB_BTREE $DB_HASH $DB_RECNO BTREEMAGIC BTREEVERSION DB_LOCK DB_SHMEM DB_TXN HASHMAGIC HASHVERSION MAX_PAGE_NUMBER MAX_PAGE_OFFSET MAX_REC_NUMBER RET_ERROR RET_SPECIAL RET_SUCCESS R_CURSOR R_DUP R_FIRST R_FIXEDLEN R_IAFTER R_IBEFORE R_LAST R_NEXT R_NOKEY R_NOOVERWRITE R_PREV R_RECNOSYNC R_SETCURSOR R_SNAPSHOT __R_UNUSED O_ACCMODE O_ALIAS O_APPEND O_ASYNC O_BINARY O_CREAT O_DEFER O_DIRECT O_DIRECTORY O_DSYNC O_EXCL O_EXLOCK O_LARGEFILE O_NDELAY O_NOCTTY O_NOFOLLOW O_NOINHERIT O_NONBLOCK O_RANDOM O_RAW O_RDONLY O_RDWR O_RSRC O_RSYNC O_SEQUENTIAL O_SHLOCK O_SYNC O_TEMPORARY O_TEXT O_TRUNC O_WRONLY);
sub CLEAR { }
sub CLONE_SKIP { }
sub DELETE { }
sub DoTie_ { }
sub EXISTS { }
sub EXTEND { }
sub FETCH { }
sub FETCHSIZE { }
sub FIRSTKEY { }
sub NEXTKEY { }
sub O_ACCMODE { }
sub O_APPEND { }
sub O_ASYNC { }
sub O_BINARY { }
sub O_CREAT { }
sub O_DIRECT { }
sub O_DIRECTORY { }
sub O_DSYNC { }
sub O_EXCL { }
sub O_LARGEFILE { }
sub O_NDELAY { }
sub O_NOCTTY { }
sub O_NOFOLLOW { }
sub O_NONBLOCK { }
sub O_RDONLY { }
sub O_RDWR { }
sub O_RSYNC { }
sub O_SYNC { }
sub O_TEXT { }
sub O_TRUNC { }
sub O_WRONLY { }
sub POP { }
sub PUSH { }
sub SHIFT { }
sub SPLICE { }
sub STORABLE_freeze { }
sub STORABLE_thaw { }
sub STORE { }
sub STORESIZE { }
sub TIEARRAY { }
sub TIEHASH { }
sub UNSHIFT { }
sub constant { }
sub del { }
sub del_dup { }
sub fd { }
sub filter_fetch_key { }
sub filter_fetch_value { }
sub filter_store_key { }
sub filter_store_value { }
sub find_dup { }
sub get { }
sub get_dup { }
sub length { }
sub pop { }
sub push { }
sub put { }
sub seq { }
sub shift { }
sub splice { }
sub sync { }
sub tie_hash_or_array { }
sub unshift { }
1;
