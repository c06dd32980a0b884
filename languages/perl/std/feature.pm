package feature;

=head1 NAME

feature - Turns on newer parts of the language: say, state, signatures

=cut

sub croak { }
sub feature_bundle { }
sub feature_enabled { }
sub features_enabled { }
sub unknown_feature { }
sub unknown_feature_bundle { }
1;
