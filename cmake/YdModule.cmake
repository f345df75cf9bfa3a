# One library per folder under src/, with an include root of its own: an include of a layer above
# does not compile, because nothing puts that layer's include root on the command line.

add_library(yd_flags INTERFACE)
target_compile_options(yd_flags INTERFACE -Wall -Wextra -Wshadow -Wnon-virtual-dtor -Woverloaded-virtual -Werror)
if(YD_SANITIZE)
  target_compile_options(yd_flags INTERFACE -fsanitize=address,undefined -fno-sanitize-recover=all
                                            -fno-omit-frame-pointer)
  target_link_options(yd_flags INTERFACE -fsanitize=address,undefined)
endif()

# yd_module(NAME SOURCES ... USES other modules ... PRIVATE_LIBS ... PUBLIC_LIBS ...)
function(yd_module name)
  cmake_parse_arguments(M "" "" "SOURCES;USES;PRIVATE_LIBS;PUBLIC_LIBS" ${ARGN})
  add_library(yd_${name} STATIC ${M_SOURCES})
  target_include_directories(yd_${name} PUBLIC include PRIVATE src)
  foreach(used IN LISTS M_USES)
    target_link_libraries(yd_${name} PUBLIC yd_${used})
  endforeach()
  target_link_libraries(yd_${name} PRIVATE yd_flags ${M_PRIVATE_LIBS} PUBLIC ${M_PUBLIC_LIBS})
endfunction()
