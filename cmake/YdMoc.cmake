# SPDX-License-Identifier: MIT
# What moc has to know of our classes stands in their own files. AUTOMOC gives it every include folder, of which it reads
# Qt's and the standard library's again for each file: a hundred times as long, for the same output.

# yd_moc(TARGET files ...): headers, whose code becomes one more source of the target, or sources that include their own
# .moc at their end. A file without a class of Qt's gives nothing.
function(yd_moc target)
  set(folder ${CMAKE_CURRENT_BINARY_DIR}/${target}_moc)
  set(joined "")
  foreach(file IN LISTS ARGN)
    get_filename_component(path ${file} ABSOLUTE)
    get_filename_component(name ${file} NAME_WE)
    if(file MATCHES "\\.h$")
      set(out ${folder}/moc_${name}.cpp)
      string(APPEND joined "#include \"moc_${name}.cpp\"\n")
    else()
      set(out ${folder}/${name}.moc)
    endif()
    add_custom_command(OUTPUT ${out} DEPENDS ${path} COMMENT "moc ${name}" VERBATIM
      COMMAND Qt6::moc --no-notes ${path} -o ${out})
    set_source_files_properties(${out} PROPERTIES HEADER_FILE_ONLY ON)
    target_sources(${target} PRIVATE ${out})
  endforeach()
  target_include_directories(${target} PRIVATE ${folder})
  if(joined)
    file(CONFIGURE OUTPUT ${folder}/mocs.cpp CONTENT "${joined}" @ONLY)
    target_sources(${target} PRIVATE ${folder}/mocs.cpp)
  endif()
endfunction()
