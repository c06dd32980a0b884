package Archive::Tar;

=head1 NAME

Archive::Tar - Reads and writes tar archives

=cut

our @EXPORT = qw(COMPRESS_GZIP COMPRESS_BZIP COMPRESS_XZ);
sub COMPRESS_BZIP { }
sub COMPRESS_GZIP { }
sub COMPRESS_XZ { }
sub add_data { }
sub add_files { }
sub can_handle_compressed_files { }
sub chmod { }
sub chown { }
sub clear { }
sub contains_file { }
sub create_archive { }
sub error { }
sub extract { }
sub extract_archive { }
sub extract_file { }
sub get_content { }
sub get_files { }
sub has_bzip2_support { }
sub has_io_string { }
sub has_perlio { }
sub has_xz_support { }
sub has_zlib_support { }
sub iter { }
sub list_archive { }
sub list_files { }
sub new { }
sub no_string_support { }
sub read { }
sub remove { }
sub rename { }
sub replace_content { }
sub setcwd { }
sub write { }
1;
