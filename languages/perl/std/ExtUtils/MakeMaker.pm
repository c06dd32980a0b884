package ExtUtils::MakeMaker;

=head1 NAME

ExtUtils::MakeMaker - Writes the Makefile of a distribution

=cut

our @EXPORT = qw(WriteMakefile $Verbose prompt os_unsupported);
our @EXPORT_OK = qw($VERSION neatvalue mkbootstrap mksymlists WriteEmptyMakefile open_for_writing write_file_via_tmp _sprintf562);
sub WriteEmptyMakefile { }
sub WriteMakefile { }
sub check_hints { }
sub check_manifest { }
sub eval_in_subdirs { }
sub eval_in_x { }
sub flush { }
sub full_setup { }
sub mkbootstrap { }
sub mksymlists { }
sub mv_all_methods { }
sub neatvalue { }
sub new { }
sub open_for_writing { }
sub os_unsupported { }
sub parse_args { }
sub prompt { }
sub selfdocument { }
sub skipcheck { }
sub write_file_via_tmp { }
1;
