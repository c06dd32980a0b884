//! Ruby: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::members(&[(
    "rack.rb",
    r#"module Larder
  class ⟦Disc:Disc⟧
    attr_reader :⟦grams:grams⟧
    def ⟦disc_made:initialize⟧(grams)
      ⟦field:@grams⟧ = grams
    end
    def ⟦turn:turn⟧(by) = self
    def ⟦heavy:heavy?⟧ = «field=@grams» > 3
  end

  class ⟦Rack:Rack⟧ < «Disc=Disc»
    ⟦DEPTH:DEPTH⟧ = 3
    ⟦total:@@total⟧ = 0
    attr_accessor :⟦count:count⟧
    def ⟦made:initialize⟧(depth = «DEPTH=DEPTH»)
      super(depth)
      ⟦discs:@discs⟧ = []
      self.«count=count» = 1
      «total=@@total» += 1
    end
    def ⟦all:all⟧
      n = «turned=turn»(2).«all=all» + «grams=grams»
      n + «count=count» + self.class.«of~of»(1)
    end
    def ⟦turned:turn⟧(by)
      «turn=super»(by)
      «discs=@discs»
      self
    end
    def self.⟦of:of⟧(n)
      rack = «made=new»(n)
      rack.«turned=turn»(1)
      rack
    end
    class << self
      def ⟦open:open⟧ = «of=of»(1).«count=count»
    end
    alias ⟦every:every⟧ «all=all»
    private def ⟦hidden:hidden⟧; end
  end
end

Larder::«Rack=Rack».«made=new»(2).«turned=turn»(1)
Larder::Rack.«open=open»
Larder::Rack.«of=of»(2).«every=every»
"#,
)])]
#[case::modules(&[(
    "modules.rb",
    r#"module ⟦Turns:Turns⟧
  def ⟦spin:spin⟧ = wheels
  def ⟦hidden_by_class:loud⟧; end
end
module ⟦Made:Made⟧
  def ⟦make:make⟧(*args) = new(*args)
end
module ⟦Tools:Tools⟧
  extend self
  def ⟦oil:oil⟧; «wipe=wipe»; end
  def ⟦wipe:wipe⟧; end
end
module Fixed
  module_function
  def ⟦fix:fix⟧; end
end
class Wheels
  include «Turns=Turns»
  extend «Made=Made»
  def wheels; end
  def ⟦loud:loud⟧; «hidden_by_class=super»; end
  def go
    «spin=spin»
    «loud=loud»
    Tools.«oil=oil»
    Fixed.«fix=fix»
    Wheels.«make=make»(1)
  end
end
"#,
)])]
#[case::constants(&[
    (
        "larder.rb",
        "module ⟦Larder:Larder⟧\n  ⟦WIDE:WIDE⟧ = 1\n  class ⟦Wheel:Wheel⟧\n    def ⟦turn:turn⟧; end\n  end\n  module Racks\n    ⟦narrow:WIDE⟧ = 2\n    class ⟦Rack:Rack⟧\n      def go = «narrow=WIDE» + Larder::«WIDE=WIDE»\n      def wheel = «Wheel=Wheel».new.«turn=turn»\n    end\n  end\nend\n",
    ),
    ("top.rb", "class ⟦TopWheel:Wheel⟧\n  def ⟦top:top⟧; end\nend\nclass Larder::Racks::Slot < «Larder=Larder»::Racks::«Rack=Rack»\n  def other = ::«TopWheel=Wheel».new.«top=top»\nend\n"),
])]
#[case::classes_opened_again(&[
    ("first.rb", "class Rack\n  def ⟦turn:turn⟧; end\nend\n"),
    ("second.rb", "class Rack\n  def ⟦spin:spin⟧ = «turn=turn»\nend\nclass Deep < Rack\n  def go = «spin=spin»\nend\nRack.new.«turn=turn»\nDeep.new.«spin=spin»\n"),
])]
#[case::values(&[(
    "values.rb",
    r#"class Wheel
  attr_reader :⟦teeth:teeth⟧
  def ⟦turn:turn⟧ = self
end

class Racks
  # @param wheels [Array<Wheel>]
  # @param names [Hash{String => Wheel}]
  # @return [Wheel, nil]
  def ⟦told:told⟧(wheels, names)
    wheels.first.«turn=turn»
    wheels.each { |w| w.«turn~turn».«teeth~teeth» }
    wheels.select { |w| w.«teeth~teeth» > 1 }.last.«turn=turn»
    wheels.reverse.first.«turn=turn»
    names.fetch("a").«turn=turn»
    names["a"].«turn=turn»
    for w in wheels do w.«turn=turn» end
  end

  def go
    wheel = Wheel.new
    wheel.«turn=turn».«teeth=teeth»
    all = [Wheel.new, Wheel.new]
    all.first.«turn=turn»
    Wheel.new.tap { |w| w.«turn~turn» }.«turn=turn»
    «told=told»(all, {}).«turn=turn»
    @kept ||= Wheel.new
    @kept.«teeth~teeth»
    begin
      raise Failed.new(wheel)
    rescue Failed => e
      e.«wheel=wheel»
    end
  end
end

class Failed < StandardError
  attr_reader :⟦wheel:wheel⟧
end

Slot = Struct.new(:⟦at:at⟧, :rack) do
  def ⟦sum:sum⟧ = «at=at»
end
Slot.new(1, 2).«sum=sum»
Slot.new(1, 2).«at=at»
"#,
)])]
fn names_of_ruby(#[case] files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["ruby", "-c"], &[".rb"]);
}
