package IO::Uncompress::Gunzip;

=head1 NAME

IO::Uncompress::Gunzip - Reads gzip

=cut

our @ISA = qw(IO::Uncompress::RawInflate);
our @EXPORT_OK = qw($GunzipError gunzip $GunzipError gunzip);
sub GZIP_CM_DEFLATED { }
sub GZIP_FEXTRA_HEADER_SIZE { }
sub GZIP_FEXTRA_MAX_SIZE { }
sub GZIP_FEXTRA_SUBFIELD_HEADER_SIZE { }
sub GZIP_FEXTRA_SUBFIELD_ID_SIZE { }
sub GZIP_FEXTRA_SUBFIELD_LEN_SIZE { }
sub GZIP_FEXTRA_SUBFIELD_MAX_SIZE { }
sub GZIP_FHCRC_SIZE { }
sub GZIP_FLG_DEFAULT { }
sub GZIP_FLG_FCOMMENT { }
sub GZIP_FLG_FEXTRA { }
sub GZIP_FLG_FHCRC { }
sub GZIP_FLG_FNAME { }
sub GZIP_FLG_FTEXT { }
sub GZIP_FLG_RESERVED { }
sub GZIP_ID1 { }
sub GZIP_ID2 { }
sub GZIP_ID_SIZE { }
sub GZIP_ISIZE_MAX { }
sub GZIP_ISIZE_MOD_VALUE { }
sub GZIP_MINIMUM_HEADER { }
sub GZIP_MIN_HEADER_SIZE { }
sub GZIP_MTIME_DEFAULT { }
sub GZIP_NULL_BYTE { }
sub GZIP_OS_DEFAULT { }
sub GZIP_TRAILER_SIZE { }
sub GZIP_XFL_DEFAULT { }
sub STATUS_ENDSTREAM { }
sub STATUS_EOF { }
sub STATUS_ERROR { }
sub STATUS_OK { }
sub chkTrailer { }
sub ckMagic { }
sub ckParams { }
sub getExtraParams { }
sub gunzip { }
sub isGzipMagic { }
sub new { }
sub readHeader { }
1;
