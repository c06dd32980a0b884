-- Declarations of the language's own functions.
--- Raises an error where a value is false or nil.
function assert(...) end
--- Speaks with the collector of memory.
function collectgarbage(...) end
--- Functions that pause.
coroutine = {}
function coroutine.close(...) end
function coroutine.create(...) end
function coroutine.isyieldable(...) end
function coroutine.resume(...) end
function coroutine.running(...) end
function coroutine.status(...) end
function coroutine.wrap(...) end
function coroutine.yield(...) end
--- Looks into running functions.
debug = {}
function debug.debug(...) end
function debug.gethook(...) end
function debug.getinfo(...) end
function debug.getlocal(...) end
function debug.getmetatable(...) end
function debug.getregistry(...) end
function debug.getupvalue(...) end
function debug.getuservalue(...) end
function debug.setcstacklimit(...) end
function debug.sethook(...) end
function debug.setlocal(...) end
function debug.setmetatable(...) end
function debug.setupvalue(...) end
function debug.setuservalue(...) end
function debug.traceback(...) end
function debug.upvalueid(...) end
function debug.upvaluejoin(...) end
--- Runs a file.
function dofile(...) end
--- Raises an error.
function error(...) end
--- The metatable of a value.
function getmetatable(...) end
--- Files.
io = {}
function io.close(...) end
function io.flush(...) end
function io.input(...) end
--- Goes through the lines of a file.
function io.lines(...) end
--- Opens a file.
function io.open(...) end
function io.output(...) end
function io.popen(...) end
--- Reads from the standard input.
function io.read(...) end
io.stderr = nil
io.stdin = nil
io.stdout = nil
function io.tmpfile(...) end
function io.type(...) end
--- Writes to the standard output.
function io.write(...) end
--- Goes through the values of a list.
function ipairs(...) end
--- A function from a text.
function load(...) end
--- A function from a file.
function loadfile(...) end
--- Functions on numbers.
math = {}
function math.abs(...) end
function math.acos(...) end
function math.asin(...) end
function math.atan(...) end
function math.atan2(...) end
function math.ceil(...) end
function math.cos(...) end
function math.cosh(...) end
function math.deg(...) end
function math.exp(...) end
function math.floor(...) end
function math.fmod(...) end
function math.frexp(...) end
math.huge = nil
function math.ldexp(...) end
function math.log(...) end
function math.log10(...) end
function math.max(...) end
math.maxinteger = nil
function math.min(...) end
math.mininteger = nil
function math.modf(...) end
math.pi = nil
function math.pow(...) end
function math.rad(...) end
function math.random(...) end
function math.randomseed(...) end
function math.sin(...) end
function math.sinh(...) end
function math.sqrt(...) end
function math.tan(...) end
function math.tanh(...) end
function math.tointeger(...) end
function math.type(...) end
function math.ult(...) end
--- The next key of a table.
function next(...) end
--- The system around.
os = {}
--- Seconds of the processor.
function os.clock(...) end
--- A time as text.
function os.date(...) end
function os.difftime(...) end
--- Runs a command.
function os.execute(...) end
--- Ends the program.
function os.exit(...) end
--- A variable of the environment.
function os.getenv(...) end
--- Deletes a file.
function os.remove(...) end
--- Renames a file.
function os.rename(...) end
function os.setlocale(...) end
--- Seconds since the epoch.
function os.time(...) end
function os.tmpname(...) end
--- How modules are found.
package = {}
package.config = nil
package.cpath = nil
package.loaded = nil
function package.loadlib(...) end
package.path = nil
package.preload = nil
package.searchers = nil
function package.searchpath(...) end
--- Goes through all keys of a table.
function pairs(...) end
--- Calls a function and catches its errors.
function pcall(...) end
--- Prints values with tabs between them.
function print(...) end
--- Compares without asking the metatable.
function rawequal(...) end
--- A value without asking the metatable.
function rawget(...) end
--- The length without asking the metatable.
function rawlen(...) end
--- Sets a value without asking the metatable.
function rawset(...) end
--- Loads a module once.
function require(...) end
--- The arguments from a position on.
function select(...) end
--- Gives a table its metatable.
function setmetatable(...) end
--- Functions on texts, also as methods of texts.
string = {}
--- The numbers of bytes.
function string.byte(...) end
--- A text from numbers of bytes.
function string.char(...) end
function string.dump(...) end
--- Where a pattern is found.
function string.find(...) end
--- A text by a pattern.
function string.format(...) end
--- All that a pattern finds.
function string.gmatch(...) end
--- Replaces what a pattern finds.
function string.gsub(...) end
--- The length in bytes.
function string.len(...) end
--- In small letters.
function string.lower(...) end
--- What a pattern captures.
function string.match(...) end
function string.pack(...) end
function string.packsize(...) end
--- A text again and again.
function string.rep(...) end
--- A text from the end to the start.
function string.reverse(...) end
--- A part of a text.
function string.sub(...) end
function string.unpack(...) end
--- In capitals.
function string.upper(...) end
--- Functions on lists.
table = {}
--- A list as one text.
function table.concat(...) end
--- Puts a value into a list.
function table.insert(...) end
--- Copies values.
function table.move(...) end
--- A list of the arguments.
function table.pack(...) end
--- Takes a value out of a list.
function table.remove(...) end
--- Sorts a list.
function table.sort(...) end
--- The values of a list.
function table.unpack(...) end
--- A text as number, or nil.
function tonumber(...) end
--- A value as text.
function tostring(...) end
--- The name of the type of a value.
function type(...) end
--- Texts in UTF-8.
utf8 = {}
function utf8.char(...) end
utf8.charpattern = nil
function utf8.codepoint(...) end
function utf8.codes(...) end
function utf8.len(...) end
function utf8.offset(...) end
--- Prints a warning.
function warn(...) end
--- Calls a function with a handler of its errors.
function xpcall(...) end
--- The older name of `table.unpack`.
function unpack(...) end
--- Loads a text.
function loadstring(...) end
function setfenv(...) end
function getfenv(...) end
function module(...) end
