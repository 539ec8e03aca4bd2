# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
# Warnings and sanitizers that every target of ours is built with.

# Headers of libraries and of the language, read once for all sources of a target. Every source still
# includes what it uses: the preset lint reads them without (WEDGEON_PCH=OFF). The core goes without, so that the
# preset core-only and the whole share its objects in ccache.
function(wedgeon_precompile target)
  if(WEDGEON_PCH)
    target_precompile_headers(${target} PRIVATE ${ARGN})
    if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
      # Precompiled, the same bug shows in two more ways.
      target_compile_options(${target} PRIVATE -Wno-stringop-overflow -Wno-array-bounds)
    endif()
  endif()
endfunction()

# Eight sources of a target at a time are read as one: most of a compiler's time, and of the linter's, goes
# into headers and templates that they share. What a source keeps to itself therefore has a name of its
# own among its neighbours.
function(wedgeon_together target)
  if(WEDGEON_TOGETHER)
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE 8)
  endif()
endfunction()

# For code that waits for people, disks and toolkits, and for tests: what is computed is computed in the core.
function(wedgeon_light target)
  target_compile_options(${target} PRIVATE $<$<CONFIG:Release>:-O1>)
endfunction()

# What ships is hardened as the distribution's own programs are: checked copies, guarded stacks and
# branches, addresses by chance, tables that nothing writes once they are linked. scripts/check-package
# looks for it in the programs.
function(wedgeon_harden target)
  target_compile_options(${target} PRIVATE
    $<$<CONFIG:Release>:-fstack-protector-strong -fstack-clash-protection -Wformat
    -Werror=format-security -U_FORTIFY_SOURCE -D_FORTIFY_SOURCE=2>)
  if(CMAKE_SYSTEM_PROCESSOR MATCHES "x86_64|AMD64")
    target_compile_options(${target} PRIVATE $<$<CONFIG:Release>:-fcf-protection>)
  endif()
  target_link_options(${target} PRIVATE $<$<CONFIG:Release>:-Wl,-z,relro,-z,now>)
endfunction()

function(wedgeon_target target)
  target_compile_options(${target} PRIVATE -Wall -Wextra -Wpedantic -Wshadow -Wconversion)
  if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
    # GCC 12 warns of its own std::string concatenation (GCC bug 105651).
    target_compile_options(${target} PRIVATE -Wno-restrict)
  endif()
  if(WEDGEON_WERROR)
    target_compile_options(${target} PRIVATE -Werror)
  endif()
  if(NOT WEDGEON_SANITIZE)
    wedgeon_harden(${target})
  endif()
  if(WEDGEON_SANITIZE MATCHES "address" AND WEDGEON_SANITIZE MATCHES "undefined")
    # A null pointer stops the address sanitizer, too. Without these four checks the heaviest sources
    # compile in 0.6 of the time.
    target_compile_options(${target} PRIVATE -fno-sanitize=null,alignment,object-size,vptr)
    target_link_options(${target} PRIVATE -fno-sanitize=null,alignment,object-size,vptr)
  endif()
  if(WEDGEON_SANITIZE)
    # -g1: traces name functions and lines, and the build takes two thirds of the time.
    target_compile_options(${target} PRIVATE -fsanitize=${WEDGEON_SANITIZE} -g1
                                             -fno-omit-frame-pointer -fno-sanitize-recover=all)
    target_link_options(${target} PRIVATE -fsanitize=${WEDGEON_SANITIZE})
  endif()
  if(WEDGEON_GUIDED_FUZZ)
    target_compile_options(${target} PRIVATE -fsanitize=fuzzer-no-link)
  endif()
endfunction()
