package File::Temp;

=head1 NAME

File::Temp - Temporary files and folders that are removed at the end

=cut

our @ISA = qw(IO::Handle IO::Seekable);
our @EXPORT = qw(tmpnam tmpfile mktemp mkstemp mkstemps mkdtemp SEEK_SET SEEK_CUR SEEK_END);
our @EXPORT_OK = qw(tempfile tempdir tmpnam tmpfile mktemp mkstemp mkstemps mkdtemp unlink0 cleanup SEEK_SET SEEK_CUR SEEK_END);
sub HIGH { }
sub MAX_TRIES { }
sub MEDIUM { }
sub MINX { }
sub NUMIFY { }
sub SEEK_CUR { }
sub SEEK_END { }
sub SEEK_SET { }
sub STANDARD { }
sub STRINGIFY { }
sub TEMPXXX { }
sub cleanup { }
sub cmpstat { }
sub filename { }
sub mkdtemp { }
sub mkstemp { }
sub mkstemps { }
sub mktemp { }
sub new { }
sub newdir { }
sub safe_level { }
sub tempdir { }
sub tempfile { }
sub tempnam { }
sub tmpfile { }
sub tmpnam { }
sub top_system_uid { }
sub unlink0 { }
sub unlink1 { }
sub unlink_on_destroy { }
1;
