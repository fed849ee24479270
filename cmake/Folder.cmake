# Compiler flags every target of ours is built with.
add_library(distanz_flags INTERFACE)
target_compile_options(distanz_flags INTERFACE -Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor -Werror
                       $<$<CXX_COMPILER_ID:GNU>:-Wno-restrict>  # false alarms in libstdc++ 12 (gcc bug 105651)
                       $<$<CXX_COMPILER_ID:Clang>:-Wno-missing-field-initializers -Wno-missing-braces -Wno-string-concatenation>)
# Same input, same output to the last bit: no fused or reordered arithmetic.
target_compile_options(distanz_flags INTERFACE -ffp-contract=off)
if(DISTANZ_SANITISE)
  target_compile_options(distanz_flags INTERFACE -fsanitize=address,undefined -fno-sanitize-recover=undefined
                                                 -fno-omit-frame-pointer
                         $<$<CXX_COMPILER_ID:GNU>:-Wno-maybe-uninitialized>)  # gcc sees ghosts there under sanitisers
  target_link_options(distanz_flags INTERFACE -fsanitize=address,undefined)
endif()
if(DISTANZ_FUZZ)
  target_compile_options(distanz_flags INTERFACE -fsanitize=fuzzer-no-link)
endif()

# distanz_folder(<folder below src> SOURCES ... USES <folders it may include> LINKS <libraries>)
# One static library per folder. USES is the whole list of our folders that it may include: the test `layering` holds it to that.
function(distanz_folder FOLDER)
  cmake_parse_arguments(ARG "" "" "SOURCES;USES;LINKS" ${ARGN})
  string(REPLACE "/" "_" name ${FOLDER})
  add_library(distanz_${name} STATIC ${ARG_SOURCES})
  target_include_directories(distanz_${name} PUBLIC ${PROJECT_SOURCE_DIR}/src)
  target_link_libraries(distanz_${name} PRIVATE distanz_flags PUBLIC ${ARG_LINKS})
  foreach(used IN LISTS ARG_USES)
    string(REPLACE "/" "_" used_name ${used})
    target_link_libraries(distanz_${name} PUBLIC distanz::${used_name})
  endforeach()
  add_library(distanz::${name} ALIAS distanz_${name})
  string(REPLACE ";" " " uses "${ARG_USES}")
  set_property(GLOBAL APPEND PROPERTY DISTANZ_LAYERS "${FOLDER}: ${uses}")
endfunction()

function(distanz_write_layers)
  get_property(layers GLOBAL PROPERTY DISTANZ_LAYERS)
  string(REPLACE ";" "\n" text "${layers}")
  file(WRITE ${PROJECT_BINARY_DIR}/layers.txt "${text}\n")
endfunction()
