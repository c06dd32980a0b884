package Safe;

=head1 NAME

Safe - Runs code with few operations allowed

=cut

sub deny { }
sub deny_only { }
sub dump_mask { }
sub erase { }
sub lexless_anon_sub { }
sub mask { }
sub new { }
sub permit { }
sub permit_only { }
sub rdo { }
sub reinit { }
sub reval { }
sub root { }
sub share { }
sub share_forget { }
sub share_from { }
sub share_record { }
sub share_redo { }
sub trap { }
sub untrap { }
sub varglob { }
sub wrap_code_ref { }
sub wrap_code_refs_within { }
1;
