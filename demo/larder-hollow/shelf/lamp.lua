--- Lamps at the edge of the shelf.
local lamp = { colours = { full = "green", light = "amber", empty = "red" } }

function lamp.for_weight(grams, whole)
  if grams > whole * 0.5 then
    return lamp.colours.full
  elseif grams > 0 then
    return lamp.colours.light
  end
  return lamp.colours.empty
end

return lamp
