package IO::Zlib;

=head1 NAME

IO::Zlib - Compressed files as handles

=cut

our @ISA = qw(Tie::Handle);
sub CLOSE { }
sub EOF { }
sub FILENO { }
sub OPEN { }
sub READ { }
sub READLINE { }
sub TIEHANDLE { }
sub WRITE { }
sub can_gunzip { }
sub getline { }
sub getlines { }
sub gzclose_external { }
sub gzeof_external { }
sub gzip_external { }
sub gzip_read_open { }
sub gzip_used { }
sub gzip_write_open { }
sub gzopen_external { }
sub gzread_external { }
sub gzreadline_external { }
sub gzwrite_external { }
sub has_Compress_Zlib { }
sub new { }
sub opened { }
1;
