# SPDX-License-Identifier: MIT
# One library per folder under src/, with an include root of its own: an include of a layer above
# does not compile, because nothing puts that layer's include root on the command line.

option(YD_PCH "Precompile the headers that nearly every file reads" ON)

add_library(yd_flags INTERFACE)
target_compile_options(yd_flags INTERFACE -Wall -Wextra -Wshadow -Wnon-virtual-dtor -Woverloaded-virtual
                                            -Wswitch-enum -Wno-psabi -Werror)
# Modules joined to one file: the compiler tidies its memory up from a gigabyte on only, a twentieth less time for a fifth
# more memory. Files by themselves do not need it, and clang-tidy, which reads those, does not know it.
if(CMAKE_UNITY_BUILD)
  target_compile_options(yd_flags INTERFACE $<$<CXX_COMPILER_ID:GNU>:--param=ggc-min-heapsize=1000000>)
endif()
# As Debian hardens what it builds, so that what is tested is what is packaged.
if(NOT YD_SANITIZE AND NOT YD_THREADS)
  target_compile_options(yd_flags INTERFACE $<$<CONFIG:Release>:-fstack-protector-strong;-D_FORTIFY_SOURCE=2>)
  target_link_options(yd_flags INTERFACE LINKER:-z,relro,-z,now)
endif()
if(YD_SANITIZE)
  target_compile_options(yd_flags INTERFACE -fsanitize=address,undefined -fno-sanitize-recover=all
                                            -fno-omit-frame-pointer)
  # What gcc defines by itself; tests take smaller worlds then.
  target_compile_definitions(yd_flags INTERFACE $<$<CXX_COMPILER_ID:Clang>:__SANITIZE_ADDRESS__>)
  target_link_options(yd_flags INTERFACE -fsanitize=address,undefined)
endif()
if(YD_THREADS)  # loops over the cores are its own, of which it sees who waits for whom
  target_include_directories(yd_flags BEFORE INTERFACE ${CMAKE_SOURCE_DIR}/tests/threads)
  target_compile_options(yd_flags INTERFACE -fsanitize=thread -fno-omit-frame-pointer)
  target_compile_definitions(yd_flags INTERFACE YD_THREADS)
  target_link_options(yd_flags INTERFACE -fsanitize=thread)
endif()
# Code that is run once a key or a command, and tests, whose time is spent in the modules: a third longer to compile at -O3.
add_library(yd_flags_once INTERFACE)
target_link_libraries(yd_flags_once INTERFACE yd_flags)
target_compile_options(yd_flags_once INTERFACE $<$<CONFIG:Release>:-O1>)

# Tests under the sanitizers, which clang compiles in half the time if it need not make them faster.
add_library(yd_flags_test INTERFACE)
target_link_libraries(yd_flags_test INTERFACE yd_flags_once)
if(YD_SANITIZE)
  target_compile_options(yd_flags_test INTERFACE -O0)
endif()

# yd_modules_first(PROGRAM modules ...): of an inline function that program and modules share the linker keeps the one it
# meets first, and that shall be the modules', which are compiled to be fast.
function(yd_modules_first program)
  set(found "")
  set(todo ${ARGN})
  while(todo)
    list(POP_FRONT todo target)
    if(NOT target MATCHES "^yd_" OR target IN_LIST found)
      continue()
    endif()
    get_target_property(type ${target} TYPE)
    if(type STREQUAL "STATIC_LIBRARY")
      list(APPEND found ${target})
      get_target_property(used ${target} INTERFACE_LINK_LIBRARIES)
      list(APPEND todo ${used})
    endif()
  endwhile()
  list(TRANSFORM found REPLACE "(.+)" "$<TARGET_FILE:\\1>")
  target_link_options(${program} PRIVATE LINKER:--whole-archive ${found} LINKER:--no-whole-archive)
endfunction()

# The modules that read what comes from outside tell libFuzzer which ways they took; the others would only be slower.
set(YD_FUZZED media pictures formats journal)

# yd_pch(NAME KIND HEADER libs ...): a target that only carries a precompiled header. KIND is OBJECT for libraries and
# EXECUTABLE for programs, because the two are compiled with different position-independence.
function(yd_pch name kind header)
  if(NOT YD_PCH)
    return()
  endif()
  if(kind STREQUAL "EXECUTABLE")
    add_executable(yd_pch_${name} ${CMAKE_SOURCE_DIR}/cmake/pch/carrier.cpp)
  else()
    add_library(yd_pch_${name} OBJECT ${CMAKE_SOURCE_DIR}/cmake/pch/carrier.cpp)
  endif()
  set_target_properties(yd_pch_${name} PROPERTIES UNITY_BUILD OFF)
  target_link_libraries(yd_pch_${name} PRIVATE yd_flags ${ARGN})
  target_precompile_headers(yd_pch_${name} PRIVATE ${CMAKE_SOURCE_DIR}/cmake/pch/${header})
endfunction()

# yd_use_pch(TARGET NAME)
function(yd_use_pch target name)
  if(TARGET yd_pch_${name})
    target_precompile_headers(${target} REUSE_FROM yd_pch_${name})
  endif()
endfunction()

# yd_module(NAME SOURCES ... USES other modules ... PRIVATE_LIBS ... PUBLIC_LIBS ... PCH core|qt [ONCE])
# ONCE: what it does is done once in a while, with yd_flags_once.
function(yd_module name)
  cmake_parse_arguments(M "ONCE" "PCH" "SOURCES;USES;PRIVATE_LIBS;PUBLIC_LIBS" ${ARGN})
  add_library(yd_${name} STATIC ${M_SOURCES})
  target_include_directories(yd_${name} PUBLIC include PRIVATE src)
  foreach(used IN LISTS M_USES)
    target_link_libraries(yd_${name} PUBLIC yd_${used})
  endforeach()
  target_link_libraries(yd_${name} PRIVATE $<IF:$<BOOL:${M_ONCE}>,yd_flags_once,yd_flags> ${M_PRIVATE_LIBS} PUBLIC ${M_PUBLIC_LIBS})
  if(YD_SANITIZE)  # what -O1 does not inline takes the sanitizers several times as long; the tests themselves stay at it
    target_compile_options(yd_${name} PRIVATE -O2)
  endif()
  if(YD_FUZZ AND name IN_LIST YD_FUZZED)  # a header precompiled otherwise does not fit
    target_compile_options(yd_${name} PRIVATE -fsanitize=fuzzer-no-link)
    return()
  endif()
  if(NOT M_PCH)
    set(M_PCH core)
  endif()
  yd_use_pch(yd_${name} ${M_PCH})
endfunction()
