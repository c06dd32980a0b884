package IO::Handle;

=head1 NAME

IO::Handle - Input and output as objects

=cut

our @EXPORT_OK = qw(autoflush output_field_separator output_record_separator input_record_separator input_line_number format_page_number format_lines_per_page format_lines_left format_name format_top_name format_line_break_characters format_formfeed format_write print printf say getline getlines printflush flush SEEK_SET SEEK_CUR SEEK_END _IOFBF _IOLBF _IONBF);
sub SEEK_CUR { }
sub SEEK_END { }
sub SEEK_SET { }
sub autoflush { }
sub blocking { }
sub clearerr { }
sub close { }
sub constant { }
sub eof { }
sub error { }
sub fcntl { }
sub fdopen { }
sub fileno { }
sub flush { }
sub format_formfeed { }
sub format_line_break_characters { }
sub format_lines_left { }
sub format_lines_per_page { }
sub format_name { }
sub format_page_number { }
sub format_top_name { }
sub format_write { }
sub formline { }
sub getc { }
sub getline { }
sub getlines { }
sub gets { }
sub input_line_number { }
sub input_record_separator { }
sub ioctl { }
sub new { }
sub new_from_fd { }
sub opened { }
sub output_field_separator { }
sub output_record_separator { }
sub print { }
sub printf { }
sub printflush { }
sub read { }
sub say { }
sub setbuf { }
sub setvbuf { }
sub stat { }
sub sync { }
sub sysread { }
sub syswrite { }
sub truncate { }
sub ungetc { }
sub untaint { }
sub write { }
1;
