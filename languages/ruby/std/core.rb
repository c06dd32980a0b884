# Declarations of the language's own classes: what code mostly uses of them.

# Stands for what an array holds.
class Element; end

# Stands for what a hash keeps under its keys.
class Value; end

# What every object has besides.
module Kernel
  # Prints lines.
  # @return [nil]
  def puts(*lines); end
  # Prints as it is.
  def print(*texts); end
  # Prints for a reader of the program.
  def p(*things); end
  # Prints with a pattern.
  def printf(pattern, *args); end
  # A text by a pattern.
  # @return [String]
  def format(pattern, *args); end
  # @return [String]
  def sprintf(pattern, *args); end
  # Raises an exception.
  def raise(*args); end
  # Runs the block again and again.
  def loop; end
  # Ends the program.
  def exit(status = 0); end
  def abort(message = nil); end
  # Waits.
  def sleep(seconds = nil); end
  # A random number.
  def rand(max = 0); end
  # Reads a line.
  # @return [String]
  def gets; end
  # Loads a file of Ruby once.
  def require(path); end
  def require_relative(path); end
  def load(path); end
  # A function from a block.
  # @return [Proc]
  def lambda; end
  # @return [Proc]
  def proc; end
  # Is a block given?
  def block_given?; end
  # Leaves a block that `catch` began.
  def throw(tag, value = nil); end
  def catch(tag = nil); end
  def at_exit; end
  def binding; end
  def caller(*args); end
  def warn(*messages); end
  def system(*command); end
  def fork; end
  def exec(*command); end
  def spawn(*command); end
  # @return [Integer]
  def Integer(text, base = 10); end
  # @return [Float]
  def Float(text); end
  # @return [String]
  def String(value); end
  def Array(value); end
end

# The root of all classes.
class Object
  include Kernel
  # @return [Class]
  def class; end
  # @return [String]
  def to_s; end
  # @return [String]
  def inspect; end
  # @return [Integer]
  def hash; end
  # @return [Integer]
  def object_id; end
  def nil?; end
  def is_a?(kind); end
  def kind_of?(kind); end
  def instance_of?(kind); end
  def respond_to?(name, all = false); end
  def send(name, *args); end
  def public_send(name, *args); end
  def __send__(name, *args); end
  # @return [Method]
  def method(name); end
  def methods; end
  def instance_variable_get(name); end
  def instance_variable_set(name, value); end
  def instance_variable_defined?(name); end
  def instance_variables; end
  def define_singleton_method(name, body = nil); end
  def singleton_class; end
  def extend(*modules); end
  def freeze; end
  def frozen?; end
  def dup; end
  def clone; end
  def itself; end
  def tap; end
  def then; end
  def yield_self; end
  def equal?(other); end
  def eql?(other); end
  def instance_eval(*args); end
  def instance_exec(*args); end
  def enum_for(name = :each, *args); end
  def to_enum(name = :each, *args); end
  def display; end
end

# A module: a name for others, and methods to be included.
class Module
  # @return [String]
  def name; end
  def include(*modules); end
  def prepend(*modules); end
  def include?(other); end
  def included_modules; end
  def ancestors; end
  def instance_methods(all = true); end
  def instance_method(name); end
  def method_defined?(name); end
  def define_method(name, body = nil); end
  def remove_method(*names); end
  def undef_method(*names); end
  def alias_method(new, old); end
  def attr_reader(*names); end
  def attr_writer(*names); end
  def attr_accessor(*names); end
  def private(*names); end
  def public(*names); end
  def protected(*names); end
  def module_function(*names); end
  def private_class_method(*names); end
  def private_constant(*names); end
  def const_get(name); end
  def const_set(name, value); end
  def const_defined?(name); end
  def constants; end
  def class_eval(*args); end
  def module_eval(*args); end
  def class_variable_get(name); end
  def autoload(name, path); end
end

# A class of the running program.
class Class < Module
  def new(*args); end
  def allocate; end
  # @return [Class]
  def superclass; end
  def instance_methods(all = true); end
end

# What can be gone through.
module Enumerable
  def map; end
  def flat_map; end
  def each_with_index; end
  def each_with_object(memo); end
  # @return [Array<Element>]
  def select; end
  # @return [Array<Element>]
  def filter; end
  # @return [Array<Element>]
  def reject; end
  # @return [Element]
  def find; end
  # @return [Element]
  def detect; end
  # @return [Element]
  def min_by; end
  # @return [Element]
  def max_by; end
  # @return [Element]
  def min; end
  # @return [Element]
  def max; end
  # @return [Array<Element>]
  def sort; end
  # @return [Array<Element>]
  def sort_by; end
  # @return [Array<Element>]
  def to_a; end
  # @return [Array<Element>]
  def entries; end
  def reduce(*args); end
  def inject(*args); end
  def sum(start = 0); end
  # @return [Integer]
  def count(*args); end
  def any?(*args); end
  def all?(*args); end
  def none?(*args); end
  def include?(value); end
  def member?(value); end
  # @return [Hash{Object => Array<Element>}]
  def group_by; end
  def partition; end
  def zip(*others); end
  def each_slice(n); end
  def each_cons(n); end
  def to_h; end
  def to_set; end
  # @return [Array<Element>]
  def take_while; end
  # @return [Array<Element>]
  def drop_while; end
  # @return [Array<Element>]
  def uniq; end
  def tally; end
  def lazy; end
  def filter_map; end
  def each_entry; end
  def chunk_while; end
  def find_index(*args); end
end

# Values by position.
class Array < Object
  include Enumerable
  def initialize(size = 0, value = nil); end
  # @return [Array<Element>]
  def each; end
  def each_index; end
  # @return [Element]
  def first(n = nil); end
  # @return [Element]
  def last(n = nil); end
  # @return [Element]
  def at(position); end
  # @return [Element]
  def fetch(position, default = nil); end
  # @return [Element]
  def pop; end
  # @return [Element]
  def shift; end
  # @return [Element]
  def sample; end
  # @return [Element]
  def delete(value); end
  # @return [Element]
  def delete_at(position); end
  # @return [Element]
  def dig(*path); end
  # @return [Array<Element>]
  def push(*values); end
  # @return [Array<Element>]
  def append(*values); end
  # @return [Array<Element>]
  def unshift(*values); end
  # @return [Array<Element>]
  def prepend(*values); end
  # @return [Array<Element>]
  def insert(position, *values); end
  # @return [Array<Element>]
  def concat(*others); end
  # @return [Array<Element>]
  def reverse; end
  # @return [Array<Element>]
  def compact; end
  # @return [Array<Element>]
  def shuffle; end
  # @return [Array<Element>]
  def take(n); end
  # @return [Array<Element>]
  def drop(n); end
  # @return [Array<Element>]
  def slice(*args); end
  # @return [Array<Element>]
  def rotate(n = 1); end
  # @return [Array<Element>]
  def delete_if; end
  # @return [Array<Element>]
  def select!; end
  # @return [Array<Element>]
  def reject!; end
  # @return [Array<Element>]
  def sort!; end
  # @return [Array<Element>]
  def uniq!; end
  def map!; end
  def flatten(depth = nil); end
  def product(*others); end
  def combination(n); end
  def permutation(n = nil); end
  def transpose; end
  # @return [String]
  def join(separator = ""); end
  # @return [Integer]
  def length; end
  # @return [Integer]
  def size; end
  # @return [Integer]
  def index(*args); end
  def empty?; end
  def clear; end
  def replace(other); end
  def fill(*args); end
  def pack(pattern); end
  def values_at(*positions); end
end

# Values by key.
class Hash < Object
  include Enumerable
  def initialize(default = nil); end
  # @return [Value]
  def fetch(key, default = nil); end
  # @return [Value]
  def dig(*path); end
  # @return [Value]
  def delete(key); end
  # @return [Value]
  def store(key, value); end
  # @return [Array<Value>]
  def values; end
  # @return [Hash{Object => Value}]
  def merge(*others); end
  # @return [Hash{Object => Value}]
  def merge!(*others); end
  # @return [Hash{Object => Value}]
  def update(*others); end
  # @return [Hash{Object => Value}]
  def select; end
  # @return [Hash{Object => Value}]
  def reject; end
  # @return [Hash{Object => Value}]
  def slice(*keys); end
  # @return [Hash{Object => Value}]
  def except(*keys); end
  # @return [Hash{Object => Value}]
  def sort_by; end
  # @return [Hash{Object => Value}]
  def transform_keys; end
  def transform_values; end
  def keys; end
  def each; end
  def each_pair; end
  def each_key; end
  def each_value; end
  def key?(key); end
  def has_key?(key); end
  def include?(key); end
  def value?(value); end
  def key(value); end
  def empty?; end
  # @return [Integer]
  def size; end
  # @return [Integer]
  def length; end
  def invert; end
  def default=(value); end
  def compact; end
  def clear; end
  def any?; end
  def to_a; end
  def to_h; end
  def delete_if; end
  def compare_by_identity; end
  def fetch_values(*keys); end
  def values_at(*keys); end
end

# Compared by one method.
module Comparable
  def between?(min, max); end
  def clamp(min, max); end
end

# A text.
class String < Object
  include Comparable
  def initialize(text = ""); end
  # @return [Integer]
  def length; end
  # @return [Integer]
  def size; end
  # @return [Integer]
  def to_i(base = 10); end
  # @return [Float]
  def to_f; end
  # @return [Symbol]
  def to_sym; end
  # @return [Symbol]
  def intern; end
  # @return [String]
  def upcase; end
  # @return [String]
  def downcase; end
  # @return [String]
  def capitalize; end
  # @return [String]
  def swapcase; end
  # @return [String]
  def strip; end
  # @return [String]
  def lstrip; end
  # @return [String]
  def rstrip; end
  # @return [String]
  def chomp(ending = "\n"); end
  # @return [String]
  def chop; end
  # @return [String]
  def chr; end
  # @return [String]
  def reverse; end
  # @return [String]
  def sub(pattern, replacement = nil); end
  # @return [String]
  def gsub(pattern, replacement = nil); end
  # @return [String]
  def sub!(pattern, replacement = nil); end
  # @return [String]
  def gsub!(pattern, replacement = nil); end
  # @return [String]
  def tr(from, to); end
  # @return [String]
  def delete(*signs); end
  # @return [String]
  def delete_prefix(prefix); end
  # @return [String]
  def delete_suffix(suffix); end
  # @return [String]
  def squeeze(*signs); end
  # @return [String]
  def center(width, pad = " "); end
  # @return [String]
  def ljust(width, pad = " "); end
  # @return [String]
  def rjust(width, pad = " "); end
  # @return [String]
  def slice(*args); end
  # @return [String]
  def concat(*texts); end
  # @return [String]
  def prepend(*texts); end
  # @return [String]
  def insert(position, text); end
  # @return [String]
  def replace(text); end
  # @return [String]
  def force_encoding(encoding); end
  # @return [String]
  def encode(*args); end
  # @return [String]
  def unicode_normalize(form = :nfc); end
  # @return [Array<String>]
  def split(separator = nil, limit = 0); end
  # @return [Array<String>]
  def lines; end
  # @return [Array<String>]
  def chars; end
  # @return [Array<Integer>]
  def bytes; end
  # @return [Array<String>]
  def scan(pattern); end
  def each_char; end
  def each_line; end
  def each_byte; end
  # @return [MatchData]
  def match(pattern); end
  def match?(pattern); end
  def include?(text); end
  def start_with?(*texts); end
  def end_with?(*texts); end
  def empty?; end
  # @return [Integer]
  def index(text, from = 0); end
  # @return [Integer]
  def rindex(text, from = nil); end
  # @return [Integer]
  def count(*signs); end
  # @return [Integer]
  def ord; end
  # @return [Integer]
  def bytesize; end
  # @return [Integer]
  def hex; end
  def encoding; end
  def valid_encoding?; end
  def partition(separator); end
  def rpartition(separator); end
  def succ; end
  def unpack(pattern); end
  def unpack1(pattern); end
  def casecmp(other); end
  def casecmp?(other); end
  def upto(last); end
end

# A name that is the same object everywhere.
class Symbol < Object
  include Comparable
  # @return [Proc]
  def to_proc; end
  # @return [String]
  def name; end
  # @return [Integer]
  def length; end
  # @return [Symbol]
  def to_sym; end
  # @return [Symbol]
  def upcase; end
  # @return [Symbol]
  def downcase; end
  def start_with?(*texts); end
  def end_with?(*texts); end
end

# The base of the number classes.
class Numeric < Object
  include Comparable
  # @return [Integer]
  def to_i; end
  # @return [Integer]
  def to_int; end
  # @return [Float]
  def to_f; end
  # @return [Integer]
  def round(digits = 0); end
  # @return [Integer]
  def floor(digits = 0); end
  # @return [Integer]
  def ceil(digits = 0); end
  # @return [Integer]
  def truncate(digits = 0); end
  def abs; end
  def zero?; end
  def positive?; end
  def negative?; end
  def divmod(other); end
  def step(*args); end
  def coerce(other); end
end

# A whole number.
class Integer < Numeric
  def times; end
  def upto(last); end
  def downto(last); end
  # @return [Integer]
  def succ; end
  # @return [Integer]
  def pred; end
  # @return [String]
  def chr(encoding = nil); end
  def even?; end
  def odd?; end
  def gcd(other); end
  def lcm(other); end
  def pow(exponent, modulus = nil); end
  def digits(base = 10); end
  def bit_length; end
  def self.sqrt(n); end
end

# A floating-point number.
class Float < Numeric
  def nan?; end
  def infinite?; end
  def finite?; end
end

# Values from one to another.
class Range < Object
  include Enumerable
  def initialize(first, last, without_last = false); end
  def first(n = nil); end
  def last(n = nil); end
  def begin; end
  def end; end
  def each; end
  def cover?(value); end
  def step(n = 1); end
  def size; end
end

# A function as a value.
class Proc < Object
  def call(*args); end
  def yield(*args); end
  # @return [Integer]
  def arity; end
  def parameters; end
  def lambda?; end
  # @return [Proc]
  def curry(arity = nil); end
  # @return [Proc]
  def to_proc; end
  def source_location; end
end

# A method as a value.
class Method < Object
  def call(*args); end
  def unbind; end
  def arity; end
  def owner; end
  def receiver; end
  def name; end
  def parameters; end
  def source_location; end
  # @return [Proc]
  def to_proc; end
end

# A regular expression.
class Regexp < Object
  def initialize(pattern, options = nil); end
  # @return [MatchData]
  def match(text, from = 0); end
  def match?(text, from = 0); end
  # @return [String]
  def source; end
  # @return [String]
  def self.escape(text); end
  # @return [Regexp]
  def self.union(*patterns); end
  def self.last_match(n = nil); end
end

# Where a regular expression was found.
class MatchData < Object
  # @return [Array<String>]
  def captures; end
  def named_captures; end
  # @return [String]
  def pre_match; end
  # @return [String]
  def post_match; end
  # @return [Integer]
  def begin(n); end
  # @return [Integer]
  def end(n); end
  # @return [Array<String>]
  def to_a; end
  def names; end
end

# The base of all that is raised.
class Exception < Object
  def initialize(message = nil); end
  # @return [String]
  def message; end
  # @return [String]
  def full_message(**options); end
  # @return [Array<String>]
  def backtrace; end
  def backtrace_locations; end
  def set_backtrace(lines); end
  # @return [Exception]
  def cause; end
  def exception(message = nil); end
end
class ScriptError < Exception; end
class LoadError < ScriptError; end
class NotImplementedError < ScriptError; end
class NoMemoryError < Exception; end
class SecurityError < Exception; end
class SystemExit < Exception; end
class SignalException < Exception; end
class Interrupt < SignalException; end
class StandardError < Exception; end
class ArgumentError < StandardError; end
class EncodingError < StandardError; end
class FiberError < StandardError; end
class IOError < StandardError; end
class EOFError < IOError; end
class IndexError < StandardError; end
class KeyError < IndexError; end
class StopIteration < IndexError; end
class LocalJumpError < StandardError; end
class NameError < StandardError; end
class NoMethodError < NameError; end
class RangeError < StandardError; end
class FloatDomainError < RangeError; end
class RegexpError < StandardError; end
class RuntimeError < StandardError; end
class FrozenError < RuntimeError; end
class SystemCallError < StandardError; end
class ThreadError < StandardError; end
class TypeError < StandardError; end
class ZeroDivisionError < StandardError; end

# What texts are read from and written to.
class IO < Object
  include Enumerable
  # @return [String]
  def read(length = nil); end
  # @return [String]
  def gets(*args); end
  # @return [String]
  def readline(*args); end
  # @return [Array<String>]
  def readlines(*args); end
  def write(*texts); end
  def puts(*lines); end
  def print(*texts); end
  def printf(pattern, *args); end
  def each_line; end
  def close; end
  def closed?; end
  def eof?; end
  def flush; end
  def sync=(value); end
  def fileno; end
  def tty?; end
  def rewind; end
  def seek(offset, whence = 0); end
  def self.popen(*args); end
  def self.pipe; end
  def self.select(*args); end
  # @return [String]
  def self.read(path, *args); end
end

# A file.
class File < IO
  SEPARATOR = "/"
  def initialize(path, mode = "r"); end
  # @return [String]
  def path; end
  def size; end
  def self.open(path, mode = "r", *args); end
  # @return [String]
  def self.read(path, *args); end
  # @return [String]
  def self.binread(path); end
  def self.write(path, text, *args); end
  # @return [Array<String>]
  def self.readlines(path, *args); end
  def self.foreach(path); end
  # @return [String]
  def self.join(*parts); end
  # @return [String]
  def self.basename(path, suffix = ""); end
  # @return [String]
  def self.dirname(path); end
  # @return [String]
  def self.extname(path); end
  # @return [String]
  def self.expand_path(path, base = nil); end
  # @return [String]
  def self.realpath(path); end
  # @return [String]
  def self.absolute_path(path); end
  def self.exist?(path); end
  def self.file?(path); end
  def self.directory?(path); end
  def self.readable?(path); end
  def self.writable?(path); end
  def self.executable?(path); end
  def self.symlink?(path); end
  def self.size(path); end
  def self.mtime(path); end
  def self.stat(path); end
  def self.delete(*paths); end
  def self.rename(from, to); end
  def self.chmod(mode, *paths); end
  def self.symlink(from, to); end
  def self.split(path); end
end

# A folder.
class Dir < Object
  # @return [Array<String>]
  def self.glob(*patterns); end
  # @return [Array<String>]
  def self.entries(path); end
  # @return [Array<String>]
  def self.children(path); end
  def self.exist?(path); end
  def self.mkdir(path, mode = 0o777); end
  def self.rmdir(path); end
  def self.chdir(path = nil); end
  # @return [String]
  def self.pwd; end
  # @return [String]
  def self.home; end
  def self.mktmpdir(*args); end
  def self.each_child(path); end
end

# A moment.
class Time < Object
  include Comparable
  # @return [Time]
  def self.now; end
  # @return [Time]
  def self.at(seconds, *args); end
  # @return [Time]
  def self.parse(text); end
  # @return [Time]
  def self.mktime(*args); end
  # @return [String]
  def strftime(pattern); end
  # @return [String]
  def iso8601(digits = 0); end
  # @return [Time]
  def utc; end
  # @return [Time]
  def localtime; end
  # @return [Integer]
  def to_i; end
  # @return [Float]
  def to_f; end
  def year; end
  def month; end
  def day; end
  def hour; end
  def min; end
  def sec; end
  def wday; end
  def yday; end
  def usec; end
  def nsec; end
end

# A thread of execution.
class Thread < Object
  def initialize(*args); end
  # @return [Thread]
  def self.current; end
  def join(limit = nil); end
  def value; end
  def alive?; end
  def kill; end
  def status; end
  def wakeup; end
end

# Held by one thread at a time.
class Mutex < Object
  def lock; end
  def unlock; end
  def try_lock; end
  def locked?; end
  def owned?; end
  def synchronize; end
end

# A line of values between threads.
class Queue < Object
  def push(value); end
  def pop(non_block = false); end
  def empty?; end
  def size; end
  def close; end
end

# A class made of named values.
class Struct < Object
  include Enumerable
  def members; end
  def to_a; end
  def to_h; end
  def each; end
  def values; end
  def each_pair; end
  def dig(*path); end
end

# Goes through values one by one.
class Enumerator < Object
  include Enumerable
  def next; end
  def peek; end
  def rewind; end
  def size; end
  def with_index(from = 0); end
  def with_object(memo); end
end

# Values, each once.
class Set < Object
  include Enumerable
  def initialize(values = nil); end
  def add(value); end
  def add?(value); end
  def delete(value); end
  def include?(value); end
  def empty?; end
  # @return [Integer]
  def size; end
  def merge(*others); end
  def subset?(other); end
  def superset?(other); end
  def disjoint?(other); end
  def each; end
end

# Functions on numbers.
module Math
  PI = 3.14
  E = 2.71
  def self.sqrt(x); end
  def self.sin(x); end
  def self.cos(x); end
  def self.log(x, base = nil); end
  def self.log2(x); end
  def self.log10(x); end
  def self.exp(x); end
  def self.hypot(x, y); end
end

# The process.
module Process
  def self.pid; end
  def self.kill(signal, *pids); end
  def self.wait(pid = -1); end
  def self.clock_gettime(clock, unit = nil); end
  def self.spawn(*command); end
  CLOCK_MONOTONIC = 1
end

# Reclaims memory.
module GC
  def self.start; end
  def self.stat; end
end

# All objects.
module ObjectSpace
  def self.each_object(kind = nil); end
end

# What tells which signals come.
module Signal
  def self.trap(signal, command = nil); end
end
