# SPDX-License-Identifier: MIT
# yd_languages(TARGET codes ...): translations/yawning-dune_CODE.ts, made ready by lrelease and carried by the target as
# :/languages/yawning-dune_CODE.qm.
find_program(YD_LRELEASE NAMES lrelease HINTS /usr/lib/qt6/bin REQUIRED)
find_program(YD_RCC NAMES rcc HINTS /usr/lib/qt6/libexec REQUIRED)

function(yd_languages target)
  set(folder ${CMAKE_BINARY_DIR}/languages)
  file(MAKE_DIRECTORY ${folder})
  set(list "<RCC><qresource prefix=\"/languages\">\n")
  set(made "")
  foreach(code IN LISTS ARGN)
    set(name yawning-dune_${code})
    add_custom_command(OUTPUT ${folder}/${name}.qm
      COMMAND ${YD_LRELEASE} -silent ${CMAKE_SOURCE_DIR}/translations/${name}.ts -qm ${folder}/${name}.qm
      DEPENDS ${CMAKE_SOURCE_DIR}/translations/${name}.ts VERBATIM)
    list(APPEND made ${folder}/${name}.qm)
    string(APPEND list "<file>${name}.qm</file>\n")
  endforeach()
  file(CONFIGURE OUTPUT ${folder}/languages.qrc CONTENT "${list}</qresource></RCC>\n" @ONLY)
  add_custom_command(OUTPUT ${folder}/languages.cpp
    COMMAND ${YD_RCC} --name languages --output ${folder}/languages.cpp ${folder}/languages.qrc
    DEPENDS ${folder}/languages.qrc ${made} VERBATIM)
  target_sources(${target} PRIVATE ${folder}/languages.cpp)
  set_source_files_properties(${folder}/languages.cpp PROPERTIES SKIP_UNITY_BUILD_INCLUSION ON SKIP_PRECOMPILE_HEADERS ON)
endfunction()
