-- Says whether files are programs: `luac` takes only one at a time.
for _, file in ipairs(arg) do
  assert(loadfile(file))
end
