# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
# What is installed, where, and the Debian package of it (cpack in the build folder).
include(GNUInstallDirs)

set(wedgeon_packaging "${PROJECT_SOURCE_DIR}/packaging")
set(wedgeon_id org.wedgeon.Wedgeon)

install(TARGETS wedgeon wedgeon-cli wedgeon-monitor RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES "${WEDGEON_DEMO_DIR}/larches-academy.csv"
  DESTINATION ${CMAKE_INSTALL_DATADIR}/wedgeon/demo)
install(FILES "${wedgeon_packaging}/${wedgeon_id}.desktop"
  DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
configure_file("${wedgeon_packaging}/${wedgeon_id}.metainfo.xml"
  "${PROJECT_BINARY_DIR}/packaging/${wedgeon_id}.metainfo.xml" @ONLY)
install(FILES "${PROJECT_BINARY_DIR}/packaging/${wedgeon_id}.metainfo.xml"
  DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES "${wedgeon_packaging}/wedgeon.mime.xml"
  DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages RENAME wedgeon.xml)
install(FILES "${wedgeon_packaging}/completion/wedgeon"
  DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions)
# Completions are looked for by the name of the program.
foreach(program wedgeon-cli wedgeon-monitor)
  install(FILES "${wedgeon_packaging}/completion/wedgeon"
    DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME ${program})
endforeach()

# Icons. The small ones are pictures too, for desktops that do not draw.
set(icons ${CMAKE_INSTALL_DATADIR}/icons/hicolor)
set(icon "${PROJECT_SOURCE_DIR}/app/resources/icons/wedgeon.svg")
install(FILES "${icon}" DESTINATION ${icons}/scalable/apps RENAME ${wedgeon_id}.svg)
install(FILES "${wedgeon_packaging}/icons/${wedgeon_id}-symbolic.svg"
  DESTINATION ${icons}/symbolic/apps)
install(FILES
  "${wedgeon_packaging}/icons/application-vnd.wedgeon.logbook.svg"
  "${wedgeon_packaging}/icons/application-vnd.wedgeon.recipes+json.svg"
  "${wedgeon_packaging}/icons/application-vnd.wedgeon.drill+json.svg"
  DESTINATION ${icons}/scalable/mimetypes)
find_program(RSVG_CONVERT rsvg-convert)
if(RSVG_CONVERT)
  foreach(size 16 22 24 32 48 64 128 256 512)
    set(picture "${PROJECT_BINARY_DIR}/packaging/${size}.png")
    add_custom_command(OUTPUT "${picture}" DEPENDS "${icon}" VERBATIM
      COMMAND ${RSVG_CONVERT} --width ${size} --height ${size} --output "${picture}" "${icon}")
    list(APPEND pictures "${picture}")
    install(FILES "${picture}" DESTINATION ${icons}/${size}x${size}/apps RENAME ${wedgeon_id}.png)
  endforeach()
  add_custom_target(wedgeon_icons ALL DEPENDS ${pictures})
endif()

# Compressed without a time in them, as Debian keeps them: the same sources make the same files.
find_program(GZIP gzip REQUIRED)
function(wedgeon_install_compressed file name folder)
  set(out "${PROJECT_BINARY_DIR}/packaging/${name}.gz")
  add_custom_command(OUTPUT "${out}" DEPENDS "${file}" VERBATIM
    COMMAND sh -c "\"$1\" -9nc \"$2\" > \"$3\"" sh ${GZIP} "${file}" "${out}")
  add_custom_target(wedgeon_${name} ALL DEPENDS "${out}")
  install(FILES "${out}" DESTINATION ${folder})
endfunction()
foreach(program wedgeon wedgeon-cli wedgeon-monitor)
  wedgeon_install_compressed("${wedgeon_packaging}/man/${program}.1" ${program}.1
    ${CMAKE_INSTALL_MANDIR}/man1)
endforeach()
set(doc ${CMAKE_INSTALL_DATADIR}/doc/wedgeon)
wedgeon_install_compressed("${wedgeon_packaging}/debian/changelog" changelog ${doc})
install(FILES "${wedgeon_packaging}/debian/copyright" DESTINATION ${doc})
install(FILES docs/guide.md docs/guide.de.md docs/glossary.md docs/glossary.de.md docs/formats.md docs/model.md
  DESTINATION ${doc})

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_CONTACT "The Wedgeon developers <developers@wedgeon.invalid>")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS
  OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION science)
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "model wedge shots from set-up to rest, and explain them")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION "\
For a coach who analyses launch-monitor data of wedge shots. Wedgeon computes
spin loft, launch and spin from face, shaft lean, lie and ball condition, and
predicts whether the ball checks or releases, with how sure that is.

It reads situations, shapes set-ups, watches and explains shots, tunes the
model to a player, builds distance ladders and runs training. It comes with a
program for the terminal and a simulated launch monitor, and works offline.")
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
# Buttons of the toolkit in the person's language, letters beyond those of the program's own fonts, and
# the window where the desktop draws by Wayland.
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-translations-l10n, qt6-wayland, fonts-dejavu-core")
set(CPACK_DEBIAN_COMPRESSION_TYPE xz)
include(CPack)
