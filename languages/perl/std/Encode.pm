package Encode;

=head1 NAME

Encode - Between characters and bytes, by encoding

=cut

our @EXPORT = qw(decode decode_utf8 encode encode_utf8 str2bytes bytes2str encodings find_encoding find_mime_encoding clone_encoding);
our @EXPORT_OK = qw(_utf8_off _utf8_on define_encoding from_to is_16bit is_8bit is_utf8 perlio_ok resolve_alias utf8_downgrade utf8_upgrade DIE_ON_ERR WARN_ON_ERR RETURN_ON_ERR LEAVE_SRC PERLQQ HTMLCREF XMLCREF STOP_AT_PARTIAL FB_DEFAULT FB_CROAK FB_QUIET FB_WARN FB_PERLQQ FB_HTMLCREF FB_XMLCREF);
sub DEBUG { }
sub DIE_ON_ERR { }
sub FB_CROAK { }
sub FB_DEFAULT { }
sub FB_HTMLCREF { }
sub FB_PERLQQ { }
sub FB_QUIET { }
sub FB_WARN { }
sub FB_XMLCREF { }
sub HTMLCREF { }
sub LEAVE_SRC { }
sub ONLY_PRAGMA_WARNINGS { }
sub PERLQQ { }
sub RETURN_ON_ERR { }
sub STOP_AT_PARTIAL { }
sub WARN_ON_ERR { }
sub XMLCREF { }
sub bytes2str { }
sub clone_encoding { }
sub decode { }
sub decode_utf8 { }
sub define_alias { }
sub define_encoding { }
sub encode { }
sub encode_utf8 { }
sub encodings { }
sub find_alias { }
sub find_encoding { }
sub find_mime_encoding { }
sub from_to { }
sub getEncoding { }
sub is_utf8 { }
sub onBOOT { }
sub perlio_ok { }
sub resolve_alias { }
sub str2bytes { }
1;
