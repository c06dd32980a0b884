-- Writes the declarations of the running library. What is said of each stands in `docs`.
local docs = {
  print = "Prints values with tabs between them.", pairs = "Goes through all keys of a table.", ipairs = "Goes through the values of a list.", require = "Loads a module once.", setmetatable = "Gives a table its metatable.",
  getmetatable = "The metatable of a value.", type = "The name of the type of a value.", tostring = "A value as text.", tonumber = "A text as number, or nil.", pcall = "Calls a function and catches its errors.", xpcall = "Calls a function with a handler of its errors.",
  error = "Raises an error.", assert = "Raises an error where a value is false or nil.", select = "The arguments from a position on.", next = "The next key of a table.", rawget = "A value without asking the metatable.", rawset = "Sets a value without asking the metatable.",
  rawequal = "Compares without asking the metatable.", rawlen = "The length without asking the metatable.", load = "A function from a text.", loadfile = "A function from a file.", dofile = "Runs a file.", collectgarbage = "Speaks with the collector of memory.", warn = "Prints a warning.",
  string = "Functions on texts, also as methods of texts.", table = "Functions on lists.", math = "Functions on numbers.", io = "Files.", os = "The system around.", coroutine = "Functions that pause.", debug = "Looks into running functions.", utf8 = "Texts in UTF-8.", package = "How modules are found.",
  ["string.format"] = "A text by a pattern.", ["string.gsub"] = "Replaces what a pattern finds.", ["string.find"] = "Where a pattern is found.", ["string.match"] = "What a pattern captures.", ["string.gmatch"] = "All that a pattern finds.", ["string.sub"] = "A part of a text.", ["string.rep"] = "A text again and again.",
  ["string.len"] = "The length in bytes.", ["string.lower"] = "In small letters.", ["string.upper"] = "In capitals.", ["string.byte"] = "The numbers of bytes.", ["string.char"] = "A text from numbers of bytes.", ["string.reverse"] = "A text from the end to the start.",
  ["table.insert"] = "Puts a value into a list.", ["table.remove"] = "Takes a value out of a list.", ["table.concat"] = "A list as one text.", ["table.sort"] = "Sorts a list.", ["table.unpack"] = "The values of a list.", ["table.pack"] = "A list of the arguments.", ["table.move"] = "Copies values.",
  ["io.open"] = "Opens a file.", ["io.lines"] = "Goes through the lines of a file.", ["io.read"] = "Reads from the standard input.", ["io.write"] = "Writes to the standard output.", ["os.time"] = "Seconds since the epoch.", ["os.date"] = "A time as text.", ["os.getenv"] = "A variable of the environment.",
  ["os.exit"] = "Ends the program.", ["os.execute"] = "Runs a command.", ["os.remove"] = "Deletes a file.", ["os.rename"] = "Renames a file.", ["os.clock"] = "Seconds of the processor.",
}
local function sorted(t) local k = {} for n in pairs(t) do if type(n) == "string" then k[#k + 1] = n end end table.sort(k) return k end
local function line(name, doc) if doc then print("--- " .. doc) end print("function " .. name .. "(...) end") end
print("-- Declarations of the language's own functions.")
local own = { arg = true, docs = true, sorted = true, line = true, own = true, _G = true }
for _, name in ipairs(sorted(_G)) do
  local value = _G[name]
  if type(value) == "function" then line(name, docs[name])
  elseif type(value) == "table" and not own[name] then
    if docs[name] then print("--- " .. docs[name]) end
    print(name .. " = {}")
    for _, inner in ipairs(sorted(value)) do
      if type(value[inner]) == "function" then line(name .. "." .. inner, docs[name .. "." .. inner]) else print(name .. "." .. inner .. " = nil") end
    end
  end
end
print("--- The older name of `table.unpack`.\nfunction unpack(...) end")
print("--- Loads a text.\nfunction loadstring(...) end\nfunction setfenv(...) end\nfunction getfenv(...) end\nfunction module(...) end")
