#!/usr/bin/perl
# Writes the declarations of Perl's own modules into the folder above: their functions are asked of the interpreter, what is said of each
# module stands in modules.txt.
use strict;
use warnings;
use B ();
use File::Basename qw(dirname);
use File::Path qw(make_path);

my $here = dirname(__FILE__);
open my $list, '<', "$here/modules.txt" or die "modules.txt: $!";
while (my $line = <$list>) {
    chomp $line;
    my ($module, $said) = split /\t/, $line, 2;
    (my $path = "$module.pm") =~ s{::}{/}g;
    unless ($module eq 'UNIVERSAL' || eval { local $SIG{__WARN__} = sub { }; require $path; 1 }) {
        warn "$module is not here\n";
    }
    my (@subs, @names);
    {
        no strict 'refs';
        for my $name (sort keys %{"${module}::"}) {
            next if $name !~ /^[A-Za-z_]\w*$/ || $name =~ /^(BEGIN|END|INIT|CHECK|UNITCHECK|AUTOLOAD|DESTROY|import|unimport|bootstrap|dl_load_flags|_.*)$/;
            next unless defined &{"${module}::$name"};
            my $home = B::svref_2object(\&{"${module}::$name"})->GV->STASH->NAME;
            push @subs, $name if $home eq $module || grep { $_ eq $name } @{"${module}::EXPORT"}, @{"${module}::EXPORT_OK"};
        }
        @names = map { [$_, grep { /^[\$\@%&]?\w+$/ } @{"${module}::$_"}] } qw(EXPORT EXPORT_OK);
    }
    make_path(dirname("$here/../$path"));
    open my $out, '>', "$here/../$path" or die "$path: $!";
    print {$out} "package $module;\n\n=head1 NAME\n\n$module - $said\n\n=cut\n\n";
    my @bases = do { no strict 'refs'; grep { $_ ne 'DynaLoader' && $_ ne 'Exporter' } @{"${module}::ISA"} };
    print {$out} "our \@ISA = qw(@bases);\n" if @bases;
    for (@names) {
        my ($array, @all) = @$_;
        print {$out} "our \@$array = qw(@all);\n" if @all;
    }
    print {$out} "sub $_ { }\n" for @subs;
    print {$out} "1;\n";
}
