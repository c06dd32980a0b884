package Math::Trig;

=head1 NAME

Math::Trig - Angles and circles

=cut

our @EXPORT = qw(pi tan csc cosec sec cot cotan asin acos atan acsc acosec asec acot acotan sinh cosh tanh csch cosech sech coth cotanh asinh acosh atanh acsch acosech asech acoth acotanh rad2deg rad2grad deg2rad deg2grad grad2rad grad2deg asin_real acos_real);
our @EXPORT_OK = qw(cartesian_to_cylindrical cartesian_to_spherical cylindrical_to_cartesian cylindrical_to_spherical spherical_to_cartesian spherical_to_cylindrical great_circle_distance great_circle_direction great_circle_bearing great_circle_waypoint great_circle_midpoint great_circle_destination pi pi2 pi4 pip2 pip4 Inf);
sub Inf { }
sub acos { }
sub acos_real { }
sub acosec { }
sub acosech { }
sub acosh { }
sub acot { }
sub acotan { }
sub acotanh { }
sub acoth { }
sub acsc { }
sub acsch { }
sub asec { }
sub asech { }
sub asin { }
sub asin_real { }
sub asinh { }
sub atan { }
sub atanh { }
sub cartesian_to_cylindrical { }
sub cartesian_to_spherical { }
sub cosec { }
sub cosech { }
sub cosh { }
sub cot { }
sub cotan { }
sub cotanh { }
sub coth { }
sub csc { }
sub csch { }
sub cylindrical_to_cartesian { }
sub cylindrical_to_spherical { }
sub deg2deg { }
sub deg2grad { }
sub deg2rad { }
sub grad2deg { }
sub grad2grad { }
sub grad2rad { }
sub great_circle_bearing { }
sub great_circle_destination { }
sub great_circle_direction { }
sub great_circle_distance { }
sub great_circle_midpoint { }
sub great_circle_waypoint { }
sub pi { }
sub pi2 { }
sub pi4 { }
sub pip2 { }
sub pip4 { }
sub rad2deg { }
sub rad2grad { }
sub rad2rad { }
sub sec { }
sub sech { }
sub sinh { }
sub spherical_to_cartesian { }
sub spherical_to_cylindrical { }
sub tan { }
sub tanh { }
1;
