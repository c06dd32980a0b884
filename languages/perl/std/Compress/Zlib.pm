package Compress::Zlib;

=head1 NAME

Compress::Zlib - Compresses and expands

=cut

our @EXPORT = qw(deflateInit inflateInit compress uncompress gzopen $gzerrno ZLIB_VERSION ZLIB_VERNUM OS_CODE MAX_MEM_LEVEL MAX_WBITS Z_ASCII Z_BEST_COMPRESSION Z_BEST_SPEED Z_BINARY Z_BLOCK Z_BUF_ERROR Z_DATA_ERROR Z_DEFAULT_COMPRESSION Z_DEFAULT_STRATEGY Z_DEFLATED Z_ERRNO Z_FILTERED Z_FIXED Z_FINISH Z_FULL_FLUSH Z_HUFFMAN_ONLY Z_MEM_ERROR Z_NEED_DICT Z_NO_COMPRESSION Z_NO_FLUSH Z_NULL Z_OK Z_PARTIAL_FLUSH Z_RLE Z_STREAM_END Z_STREAM_ERROR Z_SYNC_FLUSH Z_TREES Z_UNKNOWN Z_VERSION_ERROR WANT_GZIP WANT_GZIP_OR_ZLIB crc32 adler32 DEF_WBITS);
our @EXPORT_OK = qw(memGunzip memGzip zlib_version);
sub FLAG_ADLER { }
sub FLAG_APPEND { }
sub FLAG_CONSUME_INPUT { }
sub FLAG_CRC { }
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
sub MAX32 { }
sub MAX_MEM_LEVEL { }
sub MAX_WBITS { }
sub Parse_any { }
sub Parse_boolean { }
sub Parse_code { }
sub Parse_signed { }
sub Parse_string { }
sub Parse_unsigned { }
sub Parse_writable_scalar { }
sub STATUS_ENDSTREAM { }
sub STATUS_EOF { }
sub STATUS_ERROR { }
sub STATUS_OK { }
sub WANT_CODE { }
sub WANT_EXT { }
sub WANT_GZIP { }
sub WANT_GZIP_OR_ZLIB { }
sub WANT_HASH { }
sub WANT_UNDEF { }
sub ZLIB_VERNUM { }
sub Z_DEFAULT_COMPRESSION { }
sub Z_DEFAULT_STRATEGY { }
sub Z_DEFLATED { }
sub adler32 { }
sub compress { }
sub crc32 { }
sub deflateInit { }
sub gzopen { }
sub inflateInit { }
sub memGunzip { }
sub memGzip { }
sub uncompress { }
sub zlib_version { }
1;
