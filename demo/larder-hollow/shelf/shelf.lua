#!/usr/bin/env lua
--- Watches a shelf of the kiosk: each place has a scale and a lamp.
local Scale = require("scale")
local lamp = require("lamp")

local Place = {}
Place.__index = Place

function Place.new(wheel, whole, port)
  local self = setmetatable({ wheel = wheel, whole = whole }, Place)
  self.scale = Scale.new(port)
  return self
end

function Place:update(report)
  local grams, why = self.scale:settled()
  if not grams then
    return report:warn(self.wheel, why)
  end
  report:weight(self.wheel, grams, lamp.for_weight(grams, self.whole))
end

local Report = setmetatable({}, { __call = function(class, out)
  return setmetatable({ out = out, lines = 0 }, { __index = class })
end })

function Report:weight(wheel, grams, colour)
  self.lines = self.lines + 1
  self.out:write(("%d %.0f %s\n"):format(wheel, grams, colour))
end

function Report:warn(wheel, why)
  self.out:write(("%d ? %s\n"):format(wheel, why))
end

local function main(args)
  local report = Report(io.stdout)
  for i = 1, #args - 1, 2 do
    local port = assert(io.open(args[i + 1]))
    Place.new(tonumber(args[i]), 8000, port):update(report)
    port:close()
  end
  return report.lines
end

if arg and arg[0]:match("shelf%.lua$") then
  main(arg)
end

return { Place = Place, Report = Report, main = main }
